import * as v from 'valibot';
import { highestCounter, observe, stamp } from '../fieldwork/recording/draft';
import type { Draft } from '../fieldwork/recording/draft';
import type { Entry, Json } from '../record/entries/entry';
import type { FactReader } from '../record/entries/fact-reader';
import { properties } from '../record/entries/properties';
import type { Facts, PropertySpec } from '../record/entries/properties';
import {
  isThingType,
  lugRef,
  partSubject,
  positionRef,
  splitRef,
  terminalRef,
  thingTypes,
} from '../record/entries/thing-types';
import type { Subject, ThingType } from '../record/entries/thing-types';
import type { Chance } from './chance';

const specs = Object.entries(properties) as [string, PropertySpec][];
const types = Object.keys(thingTypes) as ThingType[];
const specsOf = new Map<Subject, [string, PropertySpec][]>();
const speaksOf = (subject: Subject) => {
  let known = specsOf.get(subject);
  if (!known) specsOf.set(subject, (known = specs.filter(([, spec]) => spec.on.includes(subject))));
  return known;
};

/**
 * What somebody does next: mostly one thing said of something that is there, now and then something new, several
 * facts, an action taken back, something impossible, something that contradicts, or what another device made
 * long before. Every type of thing, every property and every kind of entry comes up.
 * @param reader what stands
 * @param found keys of what is found, which rulings and mends name
 * @param spoken properties that came up before: others are said rather
 * @param step its ids are made of it
 */
export function randomStep(
  entries: readonly Entry[],
  reader: FactReader,
  found: readonly string[],
  spoken: ReadonlySet<string>,
  step: number,
  chance: Chance,
): Entry[] {
  const { random, upTo, oneOf } = chance;
  const things = [...reader.inspection.things.values()];
  const idsOf = (type: ThingType) =>
    things.filter((thing) => thing.type === type).map(({ id }) => id);
  const devices = idsOf('device');
  const bars = idsOf('bar');
  const refs = [
    ...devices.slice(0, 12).map((id) => terminalRef(id, 1 + upTo(2))),
    ...bars.map((id) => terminalRef(id, 1 + upTo(20))),
    ...idsOf('panel').flatMap((id) => [
      positionRef(id, 1 + upTo(2), 1 + upTo(14)),
      lugRef(id, oneOf([1, 2, 3, 'n'] as const)),
    ]),
    ...idsOf('service').map((id) => lugRef(id, oneOf([1, 2, 'n'] as const))),
    ...idsOf('outlet')
      .slice(0, 3)
      .map((id) => `${id}/r${1 + upTo(4)}`),
  ];
  /** Where something may be said: of few kinds there are many, so a kind is chosen first. */
  const about = (): { about: string; subject: Subject } => {
    if (refs.length > 0 && random() < 0.4) {
      const ref = oneOf(refs);
      const { thing, part } = splitRef(ref);
      const type = reader.inspection.things.get(thing)?.type;
      const subject = type && isThingType(type) ? partSubject(type, part!) : undefined;
      if (subject) return { about: ref, subject };
    }
    if (things.length === 0) return { about: 'site', subject: 'site' };
    const type = oneOf([...new Set(things.map((thing) => thing.type))]);
    return { about: oneOf(things.filter((thing) => thing.type === type)).id, subject: type };
  };
  const anyId = () => (things.length > 0 ? oneOf(things).id : 'site');
  const loose = (): Json =>
    oneOf<() => Json>([
      () => null,
      anyId,
      () => oneOf(refs.length > 0 ? refs : ['nowhere']),
      () => (devices.length > 0 ? terminalRef(oneOf(devices), 1) : 'nowhere'),
      () => [terminalRef(oneOf(devices.length > 0 ? devices : ['nowhere']), 1)],
      () => [oneOf([15, 20, 30, 50])],
      () => upTo(1000),
      () => oneOf(found.length > 0 ? found : ['breaker/double-tap|nowhere']),
      () => [oneOf(found.length > 0 ? found : ['breaker/double-tap|nowhere'])],
      () => oneOf(['urgent', 'soon', 'note', 'known of', 'b'.repeat(64)]),
      () => ({ kind: 'position', column: 1 + upTo(2), row: 1 + upTo(24) }),
      () => ({ kind: 'main' }),
      () => ({ x: random(), y: random() }),
      () => random() < 0.5,
    ])();
  const valueOf = (spec: PropertySpec): Json => {
    for (let attempt = 0; attempt < 40; attempt += 1) {
      const value = fitting(spec, chance, loose, anyId);
      if (v.is(spec.schema, value) || random() < 0.002) return value;
    }
    return loose();
  };
  const property = (subject: Subject) => {
    const all = speaksOf(subject);
    const fresh = random() < 0.3 ? all.filter(([name]) => !spoken.has(name)) : [];
    return oneOf(fresh.length > 0 ? fresh : all);
  };
  const factsOf = (subject: Subject, count: number): Facts =>
    Object.fromEntries(
      Array.from({ length: count }, () => property(subject)).map(([name, spec]) => [
        name,
        valueOf(spec),
      ]),
    ) as Facts;

  const draft = (): Draft => {
    const at = about();
    const certainty = oneOf(['seen', 'seen', 'measured', 'told', 'inferred'] as const);
    const [conflict] = reader.inspection.conflicts;
    if (conflict && random() < 0.6) {
      const { about: of, property: name } = conflict;
      return observe(reader, of, { [name]: conflict.facts[0]!.value } as Facts, certainty);
    }
    const kind = random();
    if (kind < 0.78) return observe(reader, at.about, factsOf(at.subject, 1), certainty);
    if (kind < 0.84) return observe(reader, at.about, factsOf(at.subject, 2 + upTo(2)), certainty);
    if (kind < 0.93) {
      const type = oneOf(types);
      const [home] = thingTypes[type].in.filter((one) => one !== null);
      const homes = things.filter((thing) => thing.type === home).map(({ id }) => id);
      return {
        kind: 'add',
        thing: `step-${step}`,
        type,
        in: homes.length > 0 ? oneOf(homes) : null,
        facts: factsOf(type, 1 + upTo(3)) as Record<string, Json>,
        certainty,
      };
    }
    if (kind < 0.97)
      return { kind: 'undo', undoes: oneOf(random() < 0.6 ? entries.slice(-8) : entries).action };
    if (kind < 0.98)
      return {
        kind: 'observe',
        about: oneOf(['nowhere', `${anyId()}/zz`, at.about, 'panel/c1r99']),
        facts: { [oneOf([oneOf(specs)[0], 'nobodyKnows'])]: loose() },
        certainty,
        replaces: [oneOf(entries).id],
      };
    // Said a second time, and the first not taken back.
    const facts = factsOf(at.subject, 1) as Record<string, Json>;
    return { kind: 'observe', about: at.about, facts, certainty, replaces: [] };
  };
  const late = random() < 0.01;
  const highest = highestCounter(entries);
  return stamp([draft()], {
    newId: () => `step-${step}-${upTo(1e9)}`,
    device: late ? 'phone' : 'tablet',
    author: late ? 'bram' : 'ines',
    at: '2026-04-15T10:12:00+01:00',
    counter: late ? Math.max(0, highest - 1 - upTo(40)) : highest,
  });
}

/** A value of the shape its property asks for, as a rule. */
function fitting(spec: PropertySpec, chance: Chance, loose: () => Json, anyId: () => string): Json {
  const { upTo, random, oneOf } = chance;
  const choices = Object.keys(spec.choices ?? { none: '' });
  if (random() < 0.005) return oneOf<Json>(['nonsense', -1, [1, 'x'], {}, null]);
  switch (spec.input) {
    case 'yes-no':
      return random() < 0.5;
    case 'choice':
      return oneOf(choices);
    case 'choices':
      return [...new Set([oneOf(choices), oneOf(choices)])];
    case 'number':
      return oneOf([upTo(8), upTo(130), upTo(2000)]);
    case 'length':
      return oneOf<Json>([upTo(3000), { value: upTo(99), unit: oneOf(['in', 'ft', 'm']) }]);
    case 'torque':
      return oneOf<Json>([upTo(60), { value: upTo(300), unit: oneOf(['N·m', 'lbf·in']) }]);
    case 'text':
      return oneOf(['Tarnholt', 'kitchen', 'yes', '2026-01-01']);
    case 'date':
      return oneOf(['2026-01-01', '1998-05']);
    case 'list':
      return [oneOf(['Tarnholt', 'Oskelund TQ'])];
    case 'numbers':
      return [...new Set([1 + upTo(24), 1 + upTo(24)])];
    case 'thing':
      return anyId();
    case 'none':
      return loose();
  }
}

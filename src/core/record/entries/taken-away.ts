import type { Entry } from './entry';
import type { Fact, Inspection } from './inspection';
import { splitRef } from './thing-types';

/** Facts that take a thing away: it was never there, or was taken out since. */
export const takingAway = ['removed', 'takenOut'] as const;
type TakingAway = (typeof takingAway)[number];

const isTakingAway = (property: string): property is TakingAway =>
  property === 'removed' || property === 'takenOut';

/** Facts that put something under the screws of a device: said of the wire or the circuit, and of the device with it. */
const hanging: readonly string[] = ['landsOn', 'terminals'];

type Recorded = Pick<Inspection, 'things' | 'facts'>;

/**
 * What stands recorded of each of these things: of itself, of its parts, of what was declared in it and what
 * hangs on its screws. Facts that take it away are not among them.
 */
export function writingsOn(
  { things, facts }: Recorded,
  wanted: ReadonlySet<string>,
): Map<string, Fact[]> {
  const writings = new Map<string, Fact[]>([...wanted].map((thing) => [thing, []]));
  for (const [about, byProperty] of facts) {
    const { thing } = splitRef(about);
    const within = [...holdersOf(thing, things)];
    for (const [property, values] of byProperty) {
      if (isTakingAway(property)) continue;
      const on = hanging.includes(property)
        ? values.flatMap((fact) => refsIn(fact).map((ref) => splitRef(ref).thing))
        : [];
      for (const one of new Set([...within, ...on])) writings.get(one)?.push(...values);
    }
  }
  return writings;
}

/** A thing and what it stands in, out to the whole. */
function* holdersOf(thing: string, things: Inspection['things']): Generator<string> {
  for (let id: string | null | undefined = thing; id; id = things.get(id)?.in) yield id;
}

const refsIn = ({ value }: Pick<Fact, 'value'>): string[] =>
  [value].flat().filter((ref): ref is string => typeof ref === 'string');

/** Entries that stand recorded of a thing: what whoever takes it away knew of it. */
export const entriesOn = (inspection: Recorded, thing: string): string[] => [
  ...new Set(
    writingsOn(inspection, new Set([thing]))
      .get(thing)!
      .map(({ entry }) => entry),
  ),
];

/** Whether an entry speaks of something that is taken away, or takes something away. */
export function touchesTakenAway(
  facts: Inspection['facts'],
  about: string,
  said: Readonly<Record<string, unknown>>,
): boolean {
  const isAway = (ref: string) =>
    takingAway.some((property) =>
      facts
        .get(splitRef(ref).thing)
        ?.get(property)
        ?.some(({ value }) => value === true),
    );
  return (
    isAway(about) ||
    Object.keys(said).some(isTakingAway) ||
    hanging.some((property) =>
      refsIn({ value: (said[property] ?? null) as Fact['value'] }).some(isAway),
    )
  );
}

/**
 * A thing somebody took away while another, who did not know, recorded something of it: that it is there is what
 * the other's entry says, and stands against the taking away until one of both is settled. Of each author the last
 * entry. One who takes a thing away names what he knew of it; where he did not (entries of before this was done),
 * what another device recorded after it in the order counts.
 */
export function assertPresence(
  recorded: Recorded,
  merged: ReadonlyMap<string, Map<string, Fact[]>>,
  live: readonly Entry[],
): void {
  const away: { thing: string; property: TakingAway; values: Fact[] }[] = [];
  for (const [about, byProperty] of merged)
    for (const property of takingAway) {
      const values = byProperty.get(property);
      if (values?.some(({ value }) => value === true) && recorded.things.has(about))
        away.push({ thing: about, property, values });
    }
  if (away.length === 0) return;
  const place = new Map(live.map((entry, index) => [entry.id, { entry, index }]));
  const writings = writingsOn(recorded, new Set(away.map(({ thing }) => thing)));
  for (const { thing, property, values } of away) {
    const takings = values.flatMap((fact) =>
      fact.value === true ? (place.get(fact.entry) ?? []) : [],
    );
    const declared = recorded.things.get(thing)!.entry;
    const isKnown = (entry: Entry, index: number) =>
      takings.some(({ entry: taking, index: at }) => {
        const named = taking.kind === 'observe' ? taking.replaces : [];
        if (entry.action === taking.action || entry.device === taking.device) return true;
        return named.includes(entry.id) || (!named.includes(declared) && index < at);
      });
    const unknown = new Map<string, { fact: Fact; index: number }>();
    for (const fact of writings.get(thing)!) {
      const { entry, index } = place.get(fact.entry)!;
      if (isKnown(entry, index) || (unknown.get(fact.author)?.index ?? -1) >= index) continue;
      unknown.set(fact.author, { fact, index });
    }
    const there = [...unknown.values()]
      .sort((a, b) => a.index - b.index)
      .map(({ fact }): Fact => ({ ...fact, about: thing, property, value: false }));
    // What was never there is shown for as long as somebody saw it; what was taken out is shown taken out.
    if (property === 'removed') values.push(...there);
    else values.unshift(...there);
  }
}

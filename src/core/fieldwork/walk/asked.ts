import type { FactReader } from '../../record/entries/fact-reader';
import { isAgreed, scopeOf } from '../../judge/scope/scopes';
import { visitActs } from '../../judge/scope/visit-act';
import { fitsDevice } from './fitting';
import type { Thing } from '../../record/entries/inspection';
import { observations } from '../../record/entries/properties/any';
import type { Facts, PropertyName } from '../../record/entries/properties';
import { properties } from '../../record/entries/properties';
import type { Area, PropertySpec } from '../../record/entries/properties/spec';
import { areas } from '../../record/entries/properties/spec';
import type { Subject } from '../../record/entries/thing-types';
import { lugRef, partSubject, splitRef } from '../../record/entries/thing-types';
import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import { systems } from '../../vocabulary/system';
import { thingWords } from '../../installation/panel/thing-words';

/** A fact asked for about one thing. */
export interface AskedFact {
  about: string;
  property: PropertyName;
  recorded: boolean;
}

/** Facts asked together: one thing's, one area's of the panel, or the same of many things. */
export interface AskedGroup {
  key: string;
  title: string;
  /** Too many alike to list: each is recorded where it is touched. */
  many: boolean;
  /** Behind a cover that was not opened: nobody can say that nothing is wrong there. */
  shut: boolean;
  facts: AskedFact[];
}

const specs = Object.entries(properties) as [PropertyName, PropertySpec][];

/** Acts that show a negative to the eye: all that is written where nobody recorded what was agreed. */
const seenByEye: readonly string[] = ['look', 'open', 'ask'];

const bySubject = new Map<string, readonly PropertyName[]>();

/** Properties of a subject, at one stage or at any, in the order they are declared; retired ones are not asked. */
export function propertiesOf(subject: Subject, stage?: number): readonly PropertyName[] {
  const key = `${subject}|${stage ?? ''}`;
  let known = bySubject.get(key);
  if (!known) {
    known = specs
      .filter(
        ([, spec]) =>
          spec.on.includes(subject) &&
          spec.input !== 'none' &&
          !spec.retired &&
          (stage === undefined || spec.stage === stage),
      )
      .map(([name]) => name);
    bySubject.set(key, known);
  }
  return known;
}

/** Lugs of a panel by the legs of its system. */
export const lugsOf = (panel: PanelView): string[] => [
  ...systems[panel.system].legs.map((_, index) => lugRef(panel.id, (index + 1) as 1 | 2 | 3)),
  lugRef(panel.id, 'n'),
];

/** Stages that look behind the cover. */
const insideStages: readonly number[] = [8, 9];

/** What a stage asks of a panel and of the things around it. */
export const askedAt = (stage: number, site: SiteView, panel: PanelView): AskedGroup[] =>
  asking(site, panel)(stage);

/** What each stage asks: what there is to be asked of is gathered once for all of them. */
export function asking(site: SiteView, panel: PanelView): (stage: number) => AskedGroup[] {
  const { reader } = site;
  const around = [...reader.inspection.things.values()].filter(
    (thing) => standsAlone(thing, panel) && !reader.value(thing.id, 'removed'),
  );
  const many = alike(panel, reader);
  return (stage) => askedOf(stage, site, panel, { around, many });
}

function askedOf(
  stage: number,
  site: SiteView,
  panel: PanelView,
  { around, many }: { around: readonly Thing[]; many: ReturnType<typeof alike> },
): AskedGroup[] {
  const { reader } = site;
  const fact = (about: string, property: PropertyName): AskedFact => ({
    about,
    property,
    recorded: reader.fact(about, property) !== undefined,
  });
  const groups: AskedGroup[] = [];
  const shut =
    insideStages.includes(stage) && reader.value(panel.id, 'coverOpened') === 'not-opened';
  const add = (key: string, title: () => string, facts: AskedFact[], many = false) => {
    if (facts.length > 0) groups.push({ key, title: title(), many, shut, facts });
  };

  for (const thing of around)
    add(
      thing.id,
      () => thingWords(thing.id, site),
      [...propertiesOf(thing.type, stage), ...heatAt(stage, thing.type)].map((property) =>
        fact(thing.id, property),
      ),
    );
  for (const [area, title] of Object.entries(areas) as [Area, string][])
    add(
      `${panel.id}-${area}`,
      () => title,
      [
        ...(stage === 5 && area === 'door' ? (['yearBuilt'] as const) : []),
        ...propertiesOf('panel', stage).filter(
          (name) => (properties[name] as PropertySpec).at === area,
        ),
      ].map((property) => fact(panel.id, property)),
    );
  for (const bar of panel.bars)
    add(
      bar.id,
      () => thingWords(bar.id, site),
      propertiesOf('bar', stage).map((property) => fact(bar.id, property)),
    );
  for (const { key, title, subject, abouts, fits } of many) {
    const names = [...propertiesOf(subject, stage), ...lookedAt(stage, subject)];
    add(
      key,
      () => title,
      abouts.flatMap((about) =>
        names
          .filter((property) => fits?.(about, property) ?? true)
          .map((property) => fact(about, property)),
      ),
      true,
    );
  }
  return groups;
}

/** Things around the panel that a stage lists one by one. */
const alone: readonly Thing['type'][] = [
  'site',
  'building',
  'dwelling',
  'work',
  'service',
  'meter',
  'disconnect',
  'source',
  'electrode',
  'pipe',
  'outlet',
];

/** Joints of the supply, on which heat is looked for from outside. */
const heatAt = (stage: number, type: Thing['type']): PropertyName[] =>
  (stage === 2 && type === 'meter') || (stage === 3 && type === 'disconnect') ? ['heatMark'] : [];

const standsAlone = (thing: Thing, panel: PanelView) =>
  alone.includes(thing.type) && (thing.type !== 'building' || thing.id === panel.building);

/** Things of which a panel has many. */
function alike(
  panel: PanelView,
  reader: FactReader,
): {
  key: string;
  title: string;
  subject: Subject;
  abouts: string[];
  fits?: (about: string, property: PropertyName) => boolean;
}[] {
  const devices = [...panel.devices, ...panel.pullOuts, ...(panel.main ? [panel.main] : [])];
  const byId = new Map(devices.map((device) => [device.id, device]));
  return [
    {
      key: `${panel.id}-devices`,
      title: 'Each breaker or fuse',
      subject: 'device',
      abouts: devices.map((device) => device.id),
      fits: (about, property) => fitsDevice(property, byId.get(about)!, reader),
    },
    {
      key: `${panel.id}-positions`,
      title: 'Each bus position',
      subject: 'position',
      abouts: panel.positions.map((position) => position.ref),
    },
    { key: `${panel.id}-lugs`, title: 'Each lug', subject: 'lug', abouts: lugsOf(panel) },
    {
      key: `${panel.id}-terminals`,
      title: 'Each terminal',
      subject: 'terminal',
      abouts: panel.devices.flatMap((device) => device.terminals.map((one) => one.ref)),
    },
    {
      key: `${panel.id}-conductors`,
      title: 'Each conductor',
      subject: 'conductor',
      abouts: panel.conductors.map((conductor) => conductor.id),
    },
    {
      key: `${panel.id}-cables`,
      title: 'Each cable',
      subject: 'cable',
      abouts: panel.cables.map((cable) => cable.id),
    },
  ];
}

const lookedAtStage: Partial<Record<Subject, number>> = {
  device: 6,
  position: 8,
  lug: 8,
  terminal: 8,
};

/** Observations that are looked for on each thing of a kind at its stage. */
const lookedAt = (stage: number, subject: Subject): PropertyName[] =>
  lookedAtStage[subject] === stage
    ? observations.filter((name) => (properties[name] as PropertySpec).on.includes(subject))
    : [];

/**
 * "Nothing wrong here": an explicit list of negative facts for what the group asks, an agreed act shows
 * and nobody has recorded. Measurements and trials have no such value and stay wanted; what only touching
 * shows is written only where touching was agreed in so many words.
 */
export function nothingWrong(group: AskedGroup, site: SiteView): { about: string; facts: Facts }[] {
  const byThing = new Map<string, Facts>();
  if (group.shut) return [];
  const scope = scopeOf(site);
  const actOf = visitActs(site);
  const mayWrite = (about: string, property: PropertyName): boolean => {
    const done = actOf(about, property);
    if (!done) return false;
    return scope.recorded ? isAgreed(scope, done.act, done.stage) : seenByEye.includes(done.act);
  };
  for (const { about, property, recorded } of group.facts) {
    const { fine } = properties[property] as PropertySpec;
    if (recorded || fine === undefined || !mayWrite(about, property)) continue;
    byThing.set(about, { ...byThing.get(about), [property]: fine });
  }
  return [...byThing].map(([about, facts]) => ({ about, facts }));
}

/** What kind of subject a reference names. */
export function subjectOfRef(ref: string, site: SiteView): Subject | undefined {
  const { thing, part } = splitRef(ref);
  const type = site.reader.inspection.things.get(thing)?.type;
  if (!type) return undefined;
  return part === undefined ? type : partSubject(type, part);
}

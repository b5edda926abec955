import type { SiteView } from '../../installation/panel/site-view';
import type { PropertyName } from '../../record/entries/properties';
import { properties } from '../../record/entries/properties';
import { observations } from '../../record/entries/properties/any';
import type { Act, Area, PropertySpec } from '../../record/entries/properties/spec';
import { areas } from '../../record/entries/properties/spec';
import type { Subject } from '../../record/entries/thing-types';
import { partSubject, splitRef } from '../../record/entries/thing-types';

/** One thing a person does on a visit: looking for heat along a column is one, at many places. */
export interface VisitAct {
  key: string;
  act: Act;
  /** Stage of the walk it is done at. */
  stage: number;
  /** Panel it is done at; undefined: of the visit or the building. */
  panel: string | undefined;
  /** What is looked at, as a heading: "Breakers, left column". */
  what: string;
}

/** Stage at which a kind of thing is met, where the fact itself names none. */
const stageOf: Partial<Record<Subject, number>> = {
  site: 1,
  building: 1,
  dwelling: 1,
  work: 1,
  meter: 2,
  panel: 6,
  device: 6,
  position: 6,
  knockout: 7,
  terminal: 8,
  lug: 8,
  conductor: 8,
  cable: 8,
  bar: 9,
  'bar-terminal': 9,
  instrument: 10,
  circuit: 11,
  multiwire: 11,
  load: 11,
};

/** Behind the cover: what the eye sees there is seen once it is open. */
const inside: ReadonlySet<Subject> = new Set<Subject>([
  'position',
  'terminal',
  'lug',
  'conductor',
  'cable',
  'bar',
  'bar-terminal',
]);
const observed: ReadonlySet<string> = new Set(observations);

const whatIs: Partial<Record<Subject, string>> = {
  site: 'Client and visit',
  dwelling: 'Dwellings',
  work: 'Works known',
  service: 'Service',
  meter: 'Meters',
  disconnect: 'Disconnects',
  source: 'Second supplies',
  electrode: 'Electrodes',
  pipe: 'Pipes',
  outlet: 'Outlets and boxes',
  instrument: 'Instruments',
  lug: 'Lugs',
  conductor: 'Conductors',
  cable: 'Cables',
  bar: 'Neutral and ground bars',
  'bar-terminal': 'Screws of the bars',
  knockout: 'Knockouts',
  circuit: 'Circuits',
  multiwire: 'Shared neutrals',
  load: 'Loads',
};
const ofColumn: Partial<Record<Subject, string>> = {
  device: 'Handles',
  position: 'Positions',
  terminal: 'Screws',
};
const buildingAt: Readonly<Record<number, string>> = {
  1: 'Building',
  2: 'Before going near',
  3: 'Outside of the building',
};

/**
 * Which act of a visit gets a fact. None where the fact is the record's own, or is of a thing nobody
 * declared.
 */
export function visitActs(
  site: SiteView,
): (about: string, property: PropertyName) => VisitAct | undefined {
  const { things } = site.reader.inspection;
  const column = columnsOf(site);
  const known = new Map<string, VisitAct | undefined>();
  const several = site.panels.length > 1;
  const panelOf = (id: string): string | undefined => {
    const thing = things.get(id);
    return !thing
      ? undefined
      : thing.type === 'panel'
        ? id
        : thing.in
          ? panelOf(thing.in)
          : undefined;
  };
  return (about, property) => {
    const at = `${about}|${property}`;
    if (known.has(at)) return known.get(at);
    const act = find(about, property);
    known.set(at, act);
    return act;
  };

  function find(about: string, property: PropertyName): VisitAct | undefined {
    const { thing: id, part } = splitRef(about);
    const type = things.get(id)?.type;
    const subject = type && (part === undefined ? type : partSubject(type, part));
    if (!subject) return undefined;
    const spec = properties[property] as PropertySpec;
    if (spec.act === 'none') return undefined;
    const behind = inside.has(subject) && spec.act === 'look' && observed.has(property);
    const act = behind ? 'open' : spec.act;
    const stage = spec.stage ?? (behind && subject === 'position' ? 8 : (stageOf[subject] ?? 3));
    const panel = panelOf(id);
    const [slug, what] = groupOf(subject, id, about, spec.at, stage);
    const name = several && panel ? site.panels.find((one) => one.id === panel)?.name : undefined;
    return {
      key: `${panel ?? 'visit'}|${stage}|${act}|${slug}`,
      act,
      stage,
      panel,
      what: name ? `${name}: ${what.charAt(0).toLowerCase()}${what.slice(1)}` : what,
    };
  }

  /** Name of what is looked at together, which stays, and its words, which may change. */
  function groupOf(
    subject: Subject,
    id: string,
    about: string,
    area: Area | undefined,
    stage: number,
  ): [slug: string, words: string] {
    if (subject === 'panel')
      return [area ?? (stage <= 3 ? 'outside' : 'whole'), panelWords(area, stage)];
    if (subject === 'building') return ['building', buildingAt[stage] ?? 'Building'];
    const words = ofColumn[subject];
    if (!words) return [subject, whatIs[subject] ?? 'Other things'];
    const side = column.get(subject === 'position' ? about : id);
    if (!side) return [subject, words];
    return [
      `${subject}-${side}`,
      side === 'main' ? `${words} of the main` : `${words}, ${side} column`,
    ];
  }
}

const panelWords = (area: Area | undefined, stage: number): string =>
  area ? areas[area] : stage <= 3 ? 'The panel from outside' : 'The panel as a whole';

/** Side of the bus each device and position stands on; of the main, that it is. */
function columnsOf(site: SiteView): ReadonlyMap<string, 'left' | 'right' | 'main'> {
  const column = new Map<string, 'left' | 'right' | 'main'>();
  const side = (one: 1 | 2) => (one === 1 ? 'left' : 'right');
  for (const panel of site.panels) {
    for (const position of panel.positions) column.set(position.ref, side(position.column));
    for (const device of panel.devices) column.set(device.id, side(device.column));
    for (const device of [...panel.pullOuts, ...(panel.main ? [panel.main] : [])])
      column.set(device.id, 'main');
  }
  return column;
}

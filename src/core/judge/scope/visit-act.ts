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
  const several = site.panels.length > 1;
  const names = new Map(site.panels.map(({ id, name }) => [id, name]));
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
  // Asked of every fact and of every want: what is known of a thing is found once, and an act once of its like.
  const abouts = new Map<string, About | undefined>();
  const alike = new Map<string, About>();
  const acts = new Map<string, VisitAct>();
  return (about, property) => {
    let of = abouts.get(about);
    if (of === undefined && !abouts.has(about)) abouts.set(about, (of = aboutOf(about)));
    if (!of) return undefined;
    const known = of.acts.get(property);
    if (known !== undefined) return known ?? undefined;
    const act = actBy(of, property);
    of.acts.set(property, act ?? null);
    return act;
  };

  function actBy(of: About, property: PropertyName): VisitAct | undefined {
    const { act: got, stage: own, at: area } = properties[property] as PropertySpec;
    if (got === 'none') return undefined;
    const { subject, panel } = of;
    const behind = got === 'look' && inside.has(subject) && observed.has(property);
    const act = behind ? 'open' : got;
    const stage = own ?? (behind && subject === 'position' ? 8 : (stageOf[subject] ?? 3));
    const slug = slugOf(of, area, stage);
    const key = `${panel ?? 'visit'}|${stage}|${act}|${slug}`;
    let known = acts.get(key);
    if (!known) {
      const what = wordsOf(of, area, stage);
      const name = several && panel !== undefined ? names.get(panel) : undefined;
      known = {
        key,
        act,
        stage,
        panel,
        what: name ? `${name}: ${what.charAt(0).toLowerCase()}${what.slice(1)}` : what,
      };
      acts.set(key, known);
    }
    return known;
  }

  function aboutOf(about: string): About | undefined {
    const { thing: id, part } = splitRef(about);
    const type = things.get(id)?.type;
    const subject = type && (part === undefined ? type : partSubject(type, part));
    if (!subject) return undefined;
    const side = subject in ofColumn ? column.get(subject === 'position' ? about : id) : undefined;
    const panel = panelOf(id);
    const like = `${subject}|${panel ?? ''}|${side ?? ''}`;
    let known = alike.get(like);
    if (!known) alike.set(like, (known = { subject, panel, side, acts: new Map() }));
    return known;
  }
}

/** What is known of a thing or part, whatever is said of it. */
interface About {
  subject: Subject;
  panel: string | undefined;
  side: 'left' | 'right' | 'main' | undefined;
  /** Acts that get facts of it; null: none does. */
  acts: Map<PropertyName, VisitAct | null>;
}

/** Name of what is looked at together: it stays, whatever its words. */
function slugOf({ subject, side }: About, area: Area | undefined, stage: number): string {
  if (subject === 'panel') return area ?? (stage <= 3 ? 'outside' : 'whole');
  return side ? `${subject}-${side}` : subject;
}

function wordsOf({ subject, side }: About, area: Area | undefined, stage: number): string {
  if (subject === 'panel') return panelWords(area, stage);
  if (subject === 'building') return buildingAt[stage] ?? 'Building';
  const words = ofColumn[subject];
  if (!words) return whatIs[subject] ?? 'Other things';
  if (!side) return words;
  return side === 'main' ? `${words} of the main` : `${words}, ${side} column`;
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

import { openings } from '../../vocabulary/openings';
import type { Entry } from '../../record/entries/entry';
import type { FactReader } from '../../record/entries/fact-reader';
import type { Facts } from '../../record/entries/properties';
import { isThingType, splitRef } from '../../record/entries/thing-types';
import { siteOf } from '../../installation/panel/site-of';
import type { SiteView } from '../../installation/panel/site-view';
import { standsToday } from '../../installation/panel/standing-in';
import type { PanelView, PositionView } from '../../installation/panel/views';
import { add, observe } from '../../fieldwork/recording/draft';
import { idsFrom } from '../../fieldwork/recording/logbook';
import { formOf } from '../../vocabulary/device-forms';
import { counted } from '../../vocabulary/phrases';
import { remedies } from '../remedies';
import { Work } from '../remedies/work';
import { chosenPlans } from './chosen-plans';

/** What a plan expects at one place, and what is recorded there since. */
export interface Expected {
  panel: string;
  panelId: string;
  /** Printed number of its first position. */
  number: number;
  place: string;
  /** What the place or thing is called by in the record: to go there. */
  ref: string;
  before: string;
  expected: string;
  found: string;
  /** Nothing was recorded of the place since the plan was chosen: it is not fine, it is not seen. */
  state: 'agrees' | 'differs' | 'not-seen';
}

/** A chosen plan held against what is recorded since. */
export interface AfterPlan {
  plan: string;
  name: string;
  lines: readonly Expected[];
  /** Readings and looks the works ask for afterwards. */
  asked: readonly string[];
}

/** The last chosen plan, thing by thing; nothing where none was chosen. */
export function afterPlan(site: SiteView, entries: readonly Entry[]): AfterPlan | undefined {
  const { reader } = site;
  const [chosen] = chosenPlans(reader, entries);
  if (!chosen) return undefined;
  const made = entries.findIndex((entry) => entry.kind === 'add' && entry.thing === chosen.id);
  const then = entries.slice(0, made);
  const since = entries.slice(made + 1);
  const before = siteOf(then);
  const expected = leftBy(reader, chosen.id, then);
  const touched = touchedBy(since, reader);
  return {
    plan: chosen.id,
    name: chosen.name,
    lines: expected.panels.flatMap((panel) =>
      linesOf({ site: expected, panel }, before, site, touched),
    ),
    asked: [
      ...new Set(
        chosen.choices
          .flatMap((choice) => choice.split('@').flatMap((part) => part.split('+')))
          .map((part) => part.split(':')[0]!)
          .flatMap((id) => remedies.find((one) => one.id === id)?.record ?? []),
      ),
    ],
  };
}

/** The place as the plan would leave it. */
function leftBy(reader: FactReader, plan: string, then: readonly Entry[]): SiteView {
  const work = new Work(then, idsFrom(`expected-${plan}-`), siteOf(then));
  for (const { about, type, in: within, facts } of reader.value(plan, 'planDrafts') ?? [])
    if (type === undefined) work.record([observe(work.reader, about, facts as Facts)]);
    else if (isThingType(type)) work.record([add(type, about, within ?? null, facts as Facts)]);
  return work.site;
}

/** Things that were said anything of. */
function touchedBy(since: readonly Entry[], reader: FactReader): (ref: string) => boolean {
  const today = standsToday(reader);
  const refs = new Set(
    since.flatMap((entry) => {
      if (entry.kind === 'observe') return [entry.about, splitRef(entry.about).thing];
      return entry.kind === 'add' ? [entry.thing] : [];
    }),
  );
  const now = new Set([...refs].map(today));
  return (ref) => refs.has(ref) || now.has(ref);
}

function linesOf(
  { site: { reader }, panel: expected }: { site: SiteView; panel: PanelView },
  before: SiteView,
  site: SiteView,
  touched: (ref: string) => boolean,
): Expected[] {
  const was = before.panels.find(({ id }) => id === expected.id);
  const now = site.panels.find(({ id }) => id === expected.id);
  return expected.positions.flatMap((position): Expected[] => {
    const same = (panel: PanelView | undefined) =>
      panel?.positions.find(
        ({ column, row }) => column === position.column && row === position.row,
      );
    const old = same(was);
    const found = same(now);
    const words = standsWords(position, reader);
    const wordsBefore = old ? standsWords(old, before.reader) : 'not there';
    // A device of several positions is told once, at its first.
    if (words === wordsBefore || !isFirst(position)) return [];
    const wordsNow = found ? standsWords(found, site.reader) : 'not there';
    const seen = touched(position.ref) || (found?.devices.some(({ id }) => touched(id)) ?? false);
    return [
      {
        panel: expected.name,
        panelId: expected.id,
        number: position.number,
        place: position.devices[0]?.label ?? String(position.number),
        ref: position.ref,
        before: wordsBefore,
        expected: words,
        found: wordsNow,
        state: wordsNow === words ? 'agrees' : seen ? 'differs' : 'not-seen',
      },
    ];
  });
}

const isFirst = ({ devices, row }: PositionView): boolean =>
  devices.length === 0 || devices.some((device) => device.row === row);

/** "two poles 30 A, 1 wire to a screw"; "closed and marked: not to be used". */
function standsWords({ ref, devices, opening }: PositionView, reader: FactReader): string {
  if (devices.length === 0) {
    if (opening === undefined) return 'not recorded';
    if (opening.value !== 'blanked' && opening.value !== 'covered')
      return openings[opening.value].directory;
    return reader.value(ref, 'barred') ? 'closed and marked: not to be used' : 'closed';
  }
  return devices
    .map((device) => {
      const ratings = [...new Set(device.terminals.flatMap(({ handleA }) => handleA ?? []))];
      const wires = device.terminals.map(({ conductors }) => conductors.length);
      const each =
        new Set(wires).size === 1 ? counted(wires[0]!, 'wire') : `${wires.join(' and ')} wires`;
      return `${formOf(device.form).words.split(':')[0]}${ratings.length > 0 ? ` ${ratings.join('/')} A` : ''}, ${each}${wires.length > 1 && new Set(wires).size === 1 ? ' to a screw' : ''}`;
    })
    .join('; ');
}

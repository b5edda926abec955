import { ascending, group } from 'd3-array';
import { canonicalJson } from '../../vocabulary/canonical';
import type { Entry } from '../../record/entries/entry';
import type { Conflict, Fact } from '../../record/entries/inspection';
import { orderEntries, withUndone } from '../../record/entries/history';
import { mendActions } from '../../record/entries/mends';
import { splitRef } from '../../record/entries/thing-types';
import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import { clash } from '../recording/check';
import type {
  CircuitContradiction,
  Contradiction,
  PositionContradiction,
  TakenBackContradiction,
  ValueSide,
} from './contradiction';

/** Everything that two hands recorded against each other, the same on every device that has the same entries. */
export function contradictionsOf(site: SiteView, entries: readonly Entry[]): Contradiction[] {
  const { inspection } = site.reader;
  const mends = inspection.conflicts.length > 0 ? mendOfEntries(entries) : new Map();
  // A device has the facts of an entry in the order they were written, a database in its own.
  const conflicts = [...inspection.conflicts].sort((a, b) => ascending(keyOf(a), keyOf(b)));
  return [
    ...conflicts.map((conflict) => ofConflict(conflict, mends)),
    ...site.panels.flatMap((panel) => crowded(panel, site)),
    ...site.panels.flatMap((panel) => claimed(panel, site)),
    ...takenBack(site, entries),
  ];
}

const keyOf = ({ about, property }: Pick<Conflict, 'about' | 'property'>) => `${about}|${property}`;

function mendOfEntries(entries: readonly Entry[]): ReadonlyMap<string, string> {
  const actions = mendActions(entries);
  return new Map(
    entries.flatMap(({ id, action }) => {
      const mend = actions.get(action);
      return mend === undefined ? [] : [[id, mend] as const];
    }),
  );
}

function ofConflict(
  { about, property, facts }: Conflict,
  mends: ReadonlyMap<string, string>,
): Contradiction {
  const key = keyOf({ about, property });
  const sides = [...group(facts, ({ value }) => canonicalJson(value)).values()].map(
    (said): ValueSide => {
      const mend = mends.get(said[0]!.entry);
      const after = mend !== undefined && said.every(({ entry }) => mends.get(entry) === mend);
      return { value: said[0]!.value, facts: said, ...(after && { mend }) };
    },
  );
  const away = sides.find(({ value }) => value === true);
  const there = sides.find(({ value }) => value === false);
  if ((property === 'removed' || property === 'takenOut') && away && there)
    return { kind: 'presence', key, about, property, sides: [away, there] };
  return { kind: 'values', key, about, property, sides };
}

const factsOf = (site: SiteView, about: string, property: 'place' | 'terminals'): readonly Fact[] =>
  site.reader.facts(about, property);

function crowded(panel: PanelView, site: SiteView): PositionContradiction[] {
  return panel.positions.flatMap(({ ref, number, devices }, at) => {
    if (!clash(devices)) return [];
    // Of breakers of several poles one place is enough: where they meet first.
    const before = panel.positions.slice(0, at).some((one) => alike(one.devices, devices));
    if (before) return [];
    const sides = devices.map((device) => ({ device, facts: factsOf(site, device.id, 'place') }));
    return [{ kind: 'position', key: `${ref}|position`, about: ref, number, panel, sides }];
  });
}

const alike = (one: readonly unknown[], other: readonly unknown[]) =>
  one.length === other.length && one.every((each) => other.includes(each));

function claimed(panel: PanelView, site: SiteView): CircuitContradiction[] {
  const screws = group(
    panel.circuits.flatMap((circuit) =>
      [...new Set(circuit.terminals)].map((ref) => ({ ref, circuit })),
    ),
    ({ ref }) => ref,
  );
  return [...screws].flatMap(([ref, claims]): CircuitContradiction[] => {
    const terminal = panel.terminals.get(ref);
    if (claims.length < 2 || !terminal) return [];
    const sides = claims.map(({ circuit }) => ({
      circuit,
      facts: factsOf(site, circuit.id, 'terminals'),
    }));
    return [{ kind: 'circuit', key: `${ref}|circuit`, about: ref, label: terminal.label, sides }];
  });
}

/** Entries about things that were declared, and whose declaring was taken back. */
function takenBack({ reader }: SiteView, entries: readonly Entry[]): TakenBackContradiction[] {
  const { unplaced } = reader.inspection;
  if (unplaced.length === 0) return [];
  const history = withUndone(orderEntries(entries).ordered);
  const declared = new Map<string, Entry>();
  for (const { entry, undone } of history)
    if (entry.kind === 'add' && undone && !reader.inspection.things.has(entry.thing))
      declared.set(entry.thing, entry);
  if (declared.size === 0) return [];
  const lost = new Set(unplaced.map(({ entry }) => entry));
  const writings = group(
    history.flatMap(({ entry, undone }) => (!undone && lost.has(entry.id) ? entry : [])),
    (entry) =>
      entry.kind === 'add' ? entry.in : entry.kind === 'observe' ? splitRef(entry.about).thing : '',
  );
  return [...declared].flatMap(([thing, add]): TakenBackContradiction[] => {
    const own = writings.get(thing);
    if (!own) return [];
    const undone = history.flatMap(({ entry, undone: back }) =>
      entry.kind === 'undo' && !back && entry.undoes === add.action ? entry : [],
    );
    return undone.length === 0
      ? []
      : [{ kind: 'taken-back', key: `${thing}|taken-back`, about: thing, undone, writings: own }];
  });
}

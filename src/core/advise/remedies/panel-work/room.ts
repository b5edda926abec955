import { roomCard } from '../../../measure/load/room-card';
import type { PositionView } from '../../../installation/panel/views';
import { met, notKnown, notMet } from '../condition';
import type { Condition } from '../remedy';
import type { Situation } from '../situation';
import type { Work } from '../work';

/** Positions that can take a device: recorded as empty, neither burned nor barred. */
export function freePositions(work: Work, panel: string): PositionView[] {
  const view = work.site.panels.find(({ id }) => id === panel);
  return view ? freeIn(view.positions, work.reader) : [];
}

export const freeIn = (
  positions: readonly PositionView[],
  reader: Situation['reader'],
): PositionView[] =>
  positions.filter(
    ({ devices, opening, ref }) =>
      devices.length === 0 &&
      opening !== undefined &&
      reader.value(ref, 'busCondition') !== 'burned' &&
      !reader.value(ref, 'barred'),
  );

/** So many positions are free; room the plan itself makes is counted by the solver, not here. */
export function positionFree(here: Situation, wanted: number): Condition {
  const unrecorded = here.panel.positions.filter(
    ({ devices, opening }) => devices.length === 0 && !opening,
  ).length;
  const free = freeIn(here.panel.positions, here.reader).length;
  if (free >= wanted)
    return met(free === 1 ? 'one position is free' : `${free} positions are free`);
  if (free + unrecorded >= wanted)
    return notKnown('a position is free', 'record what stands at every position');
  return met('a position has to be made free');
}

/** So many circuits more by the label. */
export function circuitsLeft(here: Situation, wanted: number): Condition {
  const most = here.reader.value(here.panel.id, 'labelCircuits');
  const there = here.panel.devices.reduce((sum, { terminals }) => sum + terminals.length, 0);
  if (most === undefined)
    return notKnown('the label allows another circuit', 'read the number of circuits on the label');
  return there + wanted <= most
    ? met(`the label allows ${most} circuits`)
    : notMet(`the label allows ${most} circuits, and ${there} are there`);
}

/** Screws of a kind of bar that are free. */
export function screwsFree(here: Situation, kind: 'neutral' | 'ground', wanted: number): Condition {
  const card = roomCard(here.site, here.panel);
  const free = kind === 'neutral' ? card.freeNeutrals : card.freeGrounds;
  if (free === undefined)
    return notKnown(`${kind} screws are free`, `count the screws of the ${kind} bar`);
  return free >= wanted
    ? met(`${free} ${kind} screws are free`)
    : met(`${kind} screws have to be made free`);
}

import { formOf } from '../../../vocabulary/device-forms';
import type { FormName } from '../../../vocabulary/device-forms';
import type { Settings } from '../../../codes/settings/settings';
import { add } from '../../../fieldwork/recording/draft';
import { Changes } from '../../../fieldwork/recording/changes';
import { takeOutDevice } from '../../../fieldwork/recording/take-out-device';
import { ratingsOf } from '../../../fieldwork/recording/replacement';
import type {
  CircuitView,
  DeviceView,
  PanelView,
  PositionView,
} from '../../../installation/panel/views';
import type { PropertyValue } from '../../../record/entries/properties';
import { positionRef, terminalRef } from '../../../record/entries/thing-types';
import type { Situation } from '../situation';
import type { Work } from '../work';
import { renewDevice } from './devices';
import { freePositions } from './room';
import { makeRoom } from '../../placing/make-room';
import type { Piece, SpotKey } from '../../placing/placement-problem';
import { covered } from '../../placing/placement-problem';
import { branchSection, singleLegs, spotKey, standing } from './pieces';

/** The position of a finding about a position, or under its device. */
export const positionRefOf = (here: Situation): string | undefined =>
  here.device?.stands === 'position'
    ? positionRef(here.panel.id, here.device.column, here.device.row)
    : undefined;

/** Positions a device stands on, or the one of the finding. */
export const positionsOf = (here: Situation, device: DeviceView | undefined): string[] =>
  device
    ? Array.from({ length: device.height }, (_, step) =>
        positionRef(here.panel.id, device.column, device.row + step),
      )
    : [here.ref];

export const deviceAtPosition = (work: Work, ref: string): DeviceView | undefined =>
  work.site.panels.flatMap(({ positions }) => positions).find((one) => one.ref === ref)?.devices[0];

/** Closed by a blank and marked: nothing is ever put there again. */
export const barPosition = (work: Work, ref: string): void =>
  work.say(ref, { opening: 'blanked', barred: true });

/**
 * A run of positions for something more, with as few moves of what stands there as can be; those are
 * made. Says why where it cannot be had.
 */
export function makeRun(
  work: Work,
  panel: string,
  form: FormName,
  fits: (position: PositionView) => boolean = () => true,
): PositionView[] | string {
  const { rows } = formOf(form);
  const view = work.site.panels.find(({ id }) => id === panel)!;
  const problem = standing(work.site, view);
  const fresh: Piece = {
    id: 'fresh',
    rows,
    from: undefined,
    fixed: false,
    halfSize: false,
    halvesAs: undefined,
    legs: rows === 1 ? singleLegs(view) : undefined,
    only: new Set(view.positions.filter(fits).map(spotKey)),
    section: branchSection(view),
    halfAmps: [],
    minutes: 0,
  };
  const at = makeRoom(problem, fresh);
  if (!at)
    return freePositions(work, panel).length < rows
      ? rows === 1
        ? 'no position is free'
        : `no ${rows} positions are free`
      : 'the free positions cannot be brought together';
  moveAll(work, panel, new Map([...at].filter(([id]) => id !== fresh.id)));
  const under = covered(at.get(fresh.id)!, rows);
  return under.map((key) =>
    work.site.panels
      .find(({ id }) => id === panel)!
      .positions.find((position) => spotKey(position) === key)!,
  );
}

/** Moves devices of a panel at once; what nothing stands at any more is closed. */
export function moveAll(
  work: Work,
  panel: string,
  at: ReadonlyMap<string, SpotKey>,
  /** Positions something else is about to be put at. */
  kept: ReadonlySet<SpotKey> = new Set(),
): void {
  const view = work.site.panels.find(({ id }) => id === panel)!;
  const moved = view.devices.filter(({ id, column, row }) => {
    const to = at.get(id);
    return to !== undefined && to !== spotKey({ column, row });
  });
  if (moved.length === 0) return;
  const byKey = new Map(view.positions.map((position) => [spotKey(position), position]));
  const left = new Set(
    moved.flatMap(({ column, row, height }) => covered(spotKey({ column, row }), height)),
  );
  const changes = new Changes(work.reader);
  for (const device of moved) {
    const { column, row } = byKey.get(at.get(device.id)!)!;
    changes.say(device.id, { place: { kind: 'position', column, row } });
    for (const key of covered(at.get(device.id)!, device.height)) left.delete(key);
  }
  for (const key of left) {
    const position = byKey.get(key);
    const stays = position?.devices.some((device) => !moved.includes(device));
    if (position && !stays && !kept.has(key) && !work.reader.value(position.ref, 'barred'))
      changes.say(position.ref, { opening: 'blanked' });
  }
  work.record(changes.drafts);
}

const placeAt = (work: Work, device: string, { column, row }: PositionView): void =>
  work.say(device, { place: { kind: 'position', column, row } });

/** Leaves the positions a device stood on closed. */
function leaveBlank(work: Work, panel: string, device: DeviceView): void {
  for (let step = 0; step < device.height; step += 1)
    work.say(positionRef(panel, device.column, device.row + step), { opening: 'blanked' });
}

/** Moves a device to free positions. Says why where it cannot. */
export function moveToFree(
  work: Work,
  panel: string,
  device: DeviceView,
  _settings: Settings,
  fits?: (position: PositionView) => boolean,
): string | undefined {
  const own = new Set(covered(spotKey(device), device.height));
  const elsewhere = (position: PositionView) =>
    !own.has(spotKey(position)) && (fits?.(position) ?? true);
  const run = makeRun(work, panel, device.form, elsewhere);
  if (typeof run === 'string') return run;
  const now = work.device(device.id)!;
  const view = work.site.panels.find(({ id }) => id === panel)!;
  work.toPlace.set(now.id, new Set(view.positions.filter(elsewhere).map(spotKey)));
  placeAt(work, now.id, run[0]!);
  leaveBlank(work, panel, now);
  return undefined;
}

/** A new breaker on free positions takes over what hung on the old one. */
export function moveWithNewBreaker(
  work: Work,
  panel: string,
  device: DeviceView,
  settings: Settings,
): string | undefined {
  renewDevice(work, device);
  return moveToFree(work, panel, work.device(device.id)!, settings);
}

export interface NewSingle {
  ratingA: number;
  /** A wire that goes to it, off where it was. */
  conductor?: string;
  /** The circuit it then is of; otherwise one of its own. */
  circuit?: string;
  name?: string;
  places?: PropertyValue<'places'>;
}

/** A new one-pole breaker on a free position. Says why where there is none. */
export function newSingle(work: Work, panel: string, what: NewSingle): string | undefined {
  return newDevice(work, panel, 'single-pole', what);
}

/** A new device on free positions, with a circuit. */
export function newDevice(
  work: Work,
  panel: string,
  form: FormName,
  { ratingA, conductor, circuit, name, places }: NewSingle,
): string | undefined {
  const run = makeRun(work, panel, form);
  if (typeof run === 'string') return run;
  const { reader } = work.site;
  const [{ column, row }] = run as [PositionView, ...PositionView[]];
  const id = work.newId();
  const makers = reader.value(panel, 'labelAccepts');
  const own = reader.value(panel, 'maker');
  const maker =
    makers?.find((entry) => entry === own || entry.startsWith(`${own} `)) ?? makers?.[0] ?? own;
  const [make, ...type] =
    maker === undefined
      ? []
      : own && maker.startsWith(`${own} `)
        ? [own, maker.slice(own.length + 1)]
        : [maker];
  const terminals = formOf(form).terminals.map((_, at) => terminalRef(id, at + 1));
  work.record([
    add('device', id, panel, {
      place: { kind: 'position', column, row },
      form,
      handleRatingsA: ratingsOf(form, ratingA),
      terminalTakes: 1,
      ...(make !== undefined && { maker: make }),
      ...(type[0] !== undefined && { breakerType: type[0] }),
      protection: 'ordinary',
      handleState: 'on',
      wear: 'sound',
      tightness: 'firm',
      ...(formOf(form).rows > 1 && { tie: 'factory', commonTrip: true }),
    }),
    ...(circuit === undefined
      ? [
          add('circuit', work.newId(), panel, {
            terminals,
            ...(name !== undefined && { name }),
            ...(places && { places }),
          }),
        ]
      : []),
  ]);
  work.toPlace.set(id, undefined);
  if (circuit !== undefined) work.say(circuit, { terminals });
  if (conductor !== undefined) {
    const its = circuit ?? work.device(id)?.terminals[0]?.circuit?.id;
    work.say(conductor, { landsOn: terminals[0]!, ...(its !== undefined && { circuit: its }) });
    work.say(terminals[0]!, { conductorCount: 1 });
  }
  return undefined;
}

/** Devices side by side in one column. */
export const areNeighbours = (devices: readonly DeviceView[]): boolean => {
  const sorted = [...devices].sort((a, b) => a.row - b.row);
  return (
    sorted.length > 1 &&
    sorted.every(
      (device, at) =>
        at === 0 ||
        (device.column === sorted[at - 1]!.column &&
          device.row === sorted[at - 1]!.row + sorted[at - 1]!.height),
    )
  );
};

/** Devices directly above and below one. */
export const neighboursOf = (panel: PanelView, device: DeviceView): DeviceView[] =>
  panel.devices.filter((other) => other !== device && areNeighbours([device, other]));

/** Puts a second single breaker beside a first, on the other leg; whatever stood there changes places with it. */
export function bringBeside(
  work: Work,
  panel: string,
  first: string,
  second: string,
): string | undefined {
  const view = work.site.panels.find(({ id }) => id === panel)!;
  const [a, b] = [work.device(first), work.device(second)];
  if (!a || !b || a.height > 1 || b.height > 1) return 'they are not both single breakers';
  for (const step of [1, -1]) {
    const beside = view.positions.find(
      ({ column, row }) => column === a.column && row === a.row + step,
    );
    const own = view.positions.find(({ column, row }) => column === a.column && row === a.row);
    if (!beside || !own || beside.leg === own.leg || work.reader.value(beside.ref, 'barred'))
      continue;
    if (beside.devices.some(({ id }) => id === b.id)) return undefined;
    const [there] = beside.devices;
    if (beside.devices.length > 1 || (there && (there.height > 1 || there.half))) continue;
    const changes = new Changes(work.reader);
    changes.say(b.id, { place: { kind: 'position', column: beside.column, row: beside.row } });
    if (there) changes.say(there.id, { place: { kind: 'position', column: b.column, row: b.row } });
    else changes.say(positionRef(panel, b.column, b.row), { opening: 'blanked' });
    work.record(changes.drafts);
    work.toPlace.set(b.id, undefined);
    return undefined;
  }
  return 'no place beside it is on the other leg';
}

/** Two neighbours by one breaker of two poles: their wires to its screws, their circuits as they were. */
export function intoTwoPole(
  work: Work,
  panel: string,
  first: string,
  second: string,
  ratingA: number,
  _settings: Settings,
): string | undefined {
  const [upper, lower] = [work.device(first)!, work.device(second)!].sort(
    (a, b) => a.row - b.row,
  ) as [DeviceView, DeviceView];
  if (!areNeighbours([upper, lower])) return 'they do not stand side by side';
  const { site } = work;
  const view = site.panels.find(({ id }) => id === panel)!;
  const wires = lower.terminals.flatMap(({ conductors }) => conductors.map(({ id }) => id));
  const count = site.reader.value(lower.terminals[0]!.ref, 'conductorCount');
  const shared = view.multiwires.filter(({ hots }) =>
    hots.some(({ device }) => device === lower || device === upper),
  );
  const circuit = lower.terminals[0]?.circuit;
  work.take(takeOutDevice(lower, { leaves: 'covered' }, { panel: view, site, newId: work.newId }));
  renewDevice(work, upper, {
    form: 'two-pole',
    handleRatingsA: ratingsOf('two-pole', ratingA),
    tie: 'factory',
  });
  const id = work.today(upper.id);
  work.say(id, { commonTrip: true });
  const screw = terminalRef(id, 2);
  for (const wire of wires) work.say(wire, { landsOn: screw });
  if (count !== undefined) work.say(screw, { conductorCount: count });
  for (const multiwire of shared)
    work.say(multiwire.id, { terminals: [terminalRef(id, 1), screw] });
  mergeCircuits(work, work.device(id)?.terminals[0]?.circuit, circuit, [terminalRef(id, 1), screw]);
  return work.refusal;
}

/** A breaker of two poles is one circuit: the first keeps its name, the other stays recorded with none. */
function mergeCircuits(
  work: Work,
  first: CircuitView | undefined,
  second: CircuitView | undefined,
  terminals: string[],
): void {
  if (first) work.say(first.id, { terminals });
  if (second && second.id !== first?.id) work.say(second.id, { terminals: [] });
}

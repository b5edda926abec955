import { terminalRef } from '../../../record/entries/thing-types';
import type { DeviceView, PanelView } from '../../../installation/panel/views';
import type { PanelSituation } from '../situation';
import type { Work } from '../work';
import { pairAllowed } from '../../placing/placement-problem';
import { renewDevice } from './devices';
import { ratingPairsOf, spotsOf } from './pieces';

/** Two single breakers that become one tandem: where it stands, and the one whose position frees. */
export interface Pair {
  stays: DeviceView;
  goes: DeviceView;
}

/** Ordinary single breakers with one wire each that no neutral is shared with. */
export function canHalve({
  panel,
  reader,
}: Pick<PanelSituation, 'panel' | 'reader'>): DeviceView[] {
  const shared = new Set(
    panel.multiwires.flatMap(({ hots }) => hots.map(({ device }) => device.id)),
  );
  const feeds = new Set(
    [...reader.inspection.things.values()].flatMap(({ id }) => reader.value(id, 'fedFrom') ?? []),
  );
  return panel.devices.filter((device) => {
    const protection = reader.value(device.id, 'protection');
    const tie = reader.value(device.id, 'tie');
    return (
      device.form === 'single-pole' &&
      !device.isMain &&
      !shared.has(device.id) &&
      !feeds.has(device.id) &&
      (tie === undefined || tie === 'none') &&
      (protection === undefined || protection === 'ordinary') &&
      device.terminals.every(({ conductors }) => conductors.length <= 1) &&
      device.terminals.every(
        ({ ref }) =>
          reader.value(`${panel.id}/c${device.column}r${device.row}`, 'busCondition') !==
            'burned' && !reader.value(ref, 'melted'),
      )
    );
  });
}

/**
 * So many pairs, that the positions which free lie one under the other where that can be; nothing where
 * there are not as many.
 */
export function pairsToCondense(
  at: PanelSituation,
  many: number,
  busy: ReadonlySet<string> = new Set(),
): Pair[] | undefined {
  const allowed = new Set(
    spotsOf(at.site, at.panel).flatMap(({ tandem, number }) => (tandem ? number : [])),
  );
  const ratingPairs = ratingPairsOf(at.site, at.panel);
  const ratingOf = ({ terminals: [screw] }: DeviceView) => screw?.handleA ?? 15;
  const all = canHalve(at).filter(({ id }) => !busy.has(id));
  const columns = [1, 2] as const;
  const runs = columns.flatMap((column) => {
    const inColumn = all.filter((one) => one.column === column).sort((a, b) => b.row - a.row);
    return inColumn.flatMap((_, from) => {
      const run = inColumn.slice(from, from + many);
      const together = run.every(
        (one, index) => index === 0 || one.row === run[index - 1]!.row - 1,
      );
      return run.length === many && together ? [run] : [];
    });
  });
  const loose = [...all].sort(
    (a, b) => Number(allowed.has(a.number)) - Number(allowed.has(b.number)),
  );
  for (const goes of [...runs, loose.slice(0, many)]) {
    const stays = all.filter((one) => !goes.includes(one) && allowed.has(one.number));
    const near = goes.map((one) => {
      const fits = stays.filter((other) =>
        pairAllowed({ ratingPairs }, ratingOf(one), ratingOf(other)),
      );
      const best = fits.find((other) => other.column === one.column) ?? fits[0];
      if (best) stays.splice(stays.indexOf(best), 1);
      return best;
    });
    if (near.every((one) => one !== undefined) && near.length === many && goes.length === many)
      return goes.map((one, index) => ({ goes: one, stays: near[index]! }));
  }
  return undefined;
}

/** Puts both circuits of a pair on one tandem. */
export function condense(
  work: Work,
  panel: PanelView,
  { stays, goes }: { stays: Pick<DeviceView, 'id'>; goes: Pick<DeviceView, 'id'> },
): void {
  work.condensed.push({ panel: panel.id, stays: stays.id, goes: goes.id });
  const upper = work.device(stays.id)!;
  const lower = work.device(goes.id)!;
  const ratings = [upper.terminals[0]?.handleA ?? 15, lower.terminals[0]?.handleA ?? 15];
  const [wire] = lower.terminals[0]?.conductors ?? [];
  const circuit = lower.terminals[0]?.circuit;
  work.say(lower.id, { takenOut: true });
  work.say(`${panel.id}/c${lower.column}r${lower.row}`, { opening: 'blanked' });
  renewDevice(work, upper, { form: 'tandem', handleRatingsA: ratings });
  const screw = terminalRef(work.today(upper.id), 2);
  if (wire) work.say(wire.id, { landsOn: screw });
  work.say(screw, { conductorCount: wire ? 1 : 0 });
  const made = work.device(upper.id)?.terminals[1]?.circuit;
  if (circuit) {
    work.say(circuit.id, { terminals: [screw] });
    if (made && made.id !== circuit.id) work.say(made.id, { terminals: [] });
  }
}

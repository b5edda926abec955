import type { Highs } from 'highs';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { SiteView } from '../../installation/panel/site-view';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import { circuitLoadA } from '../../measure/load/circuit-load';
import { systems } from '../../vocabulary/system';
import { place } from '../placing/place';
import type { Piece, Placement, PlacementProblem } from '../placing/placement-problem';
import { canHalve } from '../remedies/panel-work/condense';
import {
  branchSection,
  inOrder,
  moveMinutes,
  piecesOf,
  ratingPairsOf,
  spotKey,
  spotsOf,
  togetherOf,
} from '../remedies/panel-work/pieces';
import type { Condensed, Work } from '../remedies/work';

/** What a work wants placed in one panel, and where that is. */
export interface Placed {
  panel: string;
  problem: PlacementProblem;
  placement: Placement;
  /** Devices moved that no work itself asked to move. */
  moved: readonly string[];
}

/** Panels in which a work puts, moves or joins anything. */
export function panelsToPlace(before: SiteView, work: Work): PanelView[] {
  const asked = new Set([...work.toPlace.keys()].map((id) => work.today(id)));
  return work.site.panels.filter((panel) => {
    const was = before.panels.find(({ id }) => id === panel.id);
    const stood = new Map(was?.devices.map((one) => [work.today(one.id), one]));
    return (
      work.condensed.some((one) => one.panel === panel.id) ||
      panel.devices.some(
        (device) =>
          device.stands === 'position' &&
          (asked.has(device.id) || differs(device, stood.get(device.id))),
      )
    );
  });
}

const differs = (device: DeviceView, was: DeviceView | undefined): boolean =>
  was !== undefined && spotKey(device) !== spotKey(was);

/** Half amps of each row of a device, by what was measured or listed there. */
function halfAmps(
  site: SiteView,
  panel: PanelView,
  device: DeviceView,
  yardstick: Yardstick,
): number[] {
  const rows = Array.from({ length: device.height }, () => 0);
  for (const { ref, row, circuit } of device.terminals) {
    const measured = site.reader.value(ref, 'loadCurrentA');
    const load = measured ?? (circuit && circuitLoadA(site, panel, circuit, yardstick)?.a) ?? 0;
    rows[Math.max(0, row - device.row)]! += Math.round(2 * load);
  }
  return rows;
}

/** The placement a work asks for in a panel: what is there and new, counted from where it stood before. */
export function placementProblem(
  before: SiteView,
  work: Work,
  panel: PanelView,
  yardstick: Yardstick,
): PlacementProblem {
  const { site } = work;
  const was = before.panels.find(({ id }) => id === panel.id);
  const stood = new Map(was?.devices.map((one) => [work.today(one.id), one]));
  const pairs = work.condensed.filter((one) => one.panel === panel.id);
  const halved = new Map(
    was === undefined || pairs.length === 0
      ? []
      : canHalve({ panel: was, reader: before.reader }).map((one) => [one.id, one]),
  );
  const paired = new Set(pairs.flatMap(({ stays, goes }) => [stays, goes]));
  const made = new Set(pairs.map(({ stays }) => work.today(stays)));
  const asked = new Map([...work.toPlace].map(([id, fits]) => [work.today(id), fits]));
  const spots = spotsOf(site, panel);
  const provisional = piecesOf(site, panel);
  const all = togetherOf(site, panel);
  const known = new Set(provisional.map(({ id }) => id));
  const together = all.filter(
    (one) =>
      inOrder(one, { spots, pieces: provisional }) && one.pieces.every((id) => known.has(id)),
  );
  const untouched = new Set(
    all.filter((one) => !together.includes(one)).flatMap((group) => group.pieces),
  );
  const ratingOf = (device: DeviceView) => device.terminals[0]?.handleA;
  const now = provisional
    .filter(({ id }) => !made.has(id))
    .map((piece): Piece => {
      const device = panel.devices.find(({ id }) => id === piece.id)!;
      const old = stood.get(piece.id);
      const fits = asked.get(piece.id);
      const isAsked = asked.has(piece.id);
      const half = work.busy.has(piece.id) ? undefined : halved.get(piece.id);
      return {
        ...piece,
        fixed: piece.fixed || untouched.has(piece.id),
        from: old ? spotKey(old) : piece.fixed ? piece.from : undefined,
        ...(isAsked && fits && old && { from: undefined, near: spotKey(old), only: fits }),
        section: old ? piece.section : branchSection(panel),
        halfAmps: halfAmps(site, panel, device, yardstick),
        minutes: isAsked ? 0 : piece.minutes,
        // One that other work changes is not joined with another as well.
        halvesAs: half && device.form === 'single-pole' ? ratingOf(half) : undefined,
      };
    });
  const members = [...paired].flatMap((id): Piece[] => {
    const device = halved.get(id);
    const piece = was && piecesOf(before, was).find((one) => one.id === id);
    if (!device || !piece) return [];
    return [
      {
        ...piece,
        halfAmps: halfAmps(before, was, device, yardstick),
        halvesAs: ratingOf(device),
      },
    ];
  });
  return {
    spots,
    // In an order of their own, so that what is chosen does not hang on how it was come by.
    pieces: [...now, ...members].sort((a, b) => (a.from ?? 'z').localeCompare(b.from ?? 'z')),
    together,
    tandems: pairs.length,
    ratingPairs: ratingPairsOf(site, panel),
    legs: systems[panel.system].legs,
  };
}

/** Placements already worked out for an inspection: choices that differ elsewhere ask for the same. */
const known = new WeakMap<SiteView, Map<string, Placement | undefined>>();

function placedOnce(highs: Highs, before: SiteView, problem: PlacementProblem) {
  const key = JSON.stringify(problem, (_, value: unknown) =>
    value instanceof Set ? [...(value as Set<string>)] : value,
  );
  const all = known.get(before) ?? new Map<string, Placement | undefined>();
  known.set(before, all);
  if (!all.has(key)) all.set(key, place(highs, problem));
  return all.get(key);
}

/** Where a work puts things in one of its panels; nothing where that cannot be. */
export function placed(
  highs: Highs,
  before: SiteView,
  work: Work,
  panel: PanelView,
  yardstick: Yardstick,
): Placed | undefined {
  const problem = placementProblem(before, work, panel, yardstick);
  const placement = placedOnce(highs, before, problem);
  if (!placement) return undefined;
  const joined = new Set(placement.tandems.map(({ lower }) => lower));
  return {
    panel: panel.id,
    problem,
    placement,
    // The second half of a tandem moves by the work itself, and is priced with it.
    moved: problem.pieces
      .filter(
        ({ id, from, minutes }) =>
          from !== undefined && minutes > 0 && placement.at.get(id) !== from && !joined.has(id),
      )
      .map(({ id }) => id),
  };
}

/** The pairs a placement chose, as a work is told them. */
export const pairsOf = ({ panel, placement }: Placed): Condensed[] =>
  placement.tandems.map(({ upper, lower }) => ({ panel, stays: upper, goes: lower }));

/** Low, likely and high minutes of so many moves. */
export const minutesOfMoves = (many: number): readonly [number, number, number] => [
  many * moveMinutes[0],
  many * moveMinutes[1],
  many * moveMinutes[2],
];

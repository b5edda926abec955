import { systems } from '../../../vocabulary/system';
import type { DeviceView, PanelView, PositionView } from '../../../installation/panel/views';
import type { SiteView } from '../../../installation/panel/site-view';
import { isFuse } from '../../../vocabulary/device-forms';
import type { Piece, PlacementProblem, Spot, Together } from '../../placing/placement-problem';
import { areBeside, keyOf } from '../../placing/placement-problem';

/** Low, likely and high minutes to move one breaker to another position of its panel. */
export const moveMinutes = [10, 15, 25] as const;

/** A position as the key of a placement. */
export const spotKey = ({ column, row }: { column: number; row: number }) => keyOf(column, row);

const halfSize: ReadonlySet<string> = new Set(['tandem', 'quad', 'quad-separate']);

/** Positions of a panel, and which of them something may be put at. */
export function spotsOf({ reader }: SiteView, panel: PanelView): Spot[] {
  const tandems = reader.value(panel.id, 'labelTandemPositions') ?? [];
  return panel.positions.map((position) => ({
    key: spotKey(position),
    usable: usable(position),
    column: position.column,
    row: position.row,
    number: position.number,
    leg: position.leg,
    tandem:
      tandems.includes(position.number) && reader.value(position.ref, 'stabTakes') !== 'full-size',
    section: sectionOf(panel, position.row),
  }));

  function usable({ ref, devices, opening }: PositionView): boolean {
    return (
      (devices.length > 0 || opening !== undefined) &&
      reader.value(ref, 'busCondition') !== 'burned' &&
      !reader.value(ref, 'barred')
    );
  }
}

/** Pairs of ratings the label lists for tandems, A, the lesser first; undefined where that was not read. */
export const ratingPairsOf = (
  { reader }: SiteView,
  panel: PanelView,
): PlacementProblem['ratingPairs'] =>
  reader.value(panel.id, 'labelTandemRatings')?.map((pair): readonly [number, number] => {
    const [low, high] = pair.split('/').map(Number);
    return [low!, high!];
  });

/** Of a split bus the upper section holds mains only. */
const sectionOf = ({ upperRows }: PanelView, row: number): string =>
  upperRows === undefined ? '' : row <= upperRows ? 'upper' : 'lower';
export const branchSection = ({ upperRows }: PanelView): string | undefined =>
  upperRows === undefined ? undefined : 'lower';

/** Legs a breaker of one pole may be put on: 120 V is not had from a high leg. */
export const singleLegs = ({ system }: PanelView): readonly string[] | undefined => {
  const volts: Partial<Record<string, number>> = systems[system].legToNeutralV;
  const least = Math.min(...Object.values(volts).map(Number));
  const { legs } = systems[system];
  return legs.every((leg) => volts[leg] === least)
    ? undefined
    : legs.filter((leg) => volts[leg] === least);
};

/** Fuses, mains, what a feeder or source ends on, and halves of a position stay where they are. */
function isFixed({ reader }: SiteView, device: DeviceView): boolean {
  return (
    device.isMain ||
    isFuse(device) ||
    device.half !== undefined ||
    reader.value(device.id, 'backfed') === true
  );
}

/** A device on positions as a piece that stands where it is. */
export function pieceOf(site: SiteView, panel: PanelView, device: DeviceView): Piece {
  const single = device.form === 'single-pole';
  return {
    id: device.id,
    rows: device.height,
    from: spotKey(device),
    fixed: isFixed(site, device),
    halfSize: halfSize.has(device.form),
    halvesAs: undefined,
    legs: single ? singleLegs(panel) : undefined,
    section: sectionOf(panel, device.row),
    halfAmps: Array.from({ length: device.height }, () => 0),
    minutes: moveMinutes[1],
  };
}

/** Devices on positions, those that share one as a single piece. */
export function piecesOf(site: SiteView, panel: PanelView): Piece[] {
  const byPlace = new Map<string, Piece>();
  for (const device of panel.devices) {
    if (device.stands !== 'position') continue;
    const piece = pieceOf(site, panel, device);
    byPlace.set(`${piece.from}`, byPlace.get(`${piece.from}`) ?? piece);
  }
  return [...byPlace.values()];
}

/** Breakers whose circuits share a neutral, and neighbours joined by a tie: as they stand they are in order, so they stay so. */
export function togetherOf({ reader }: SiteView, panel: PanelView): Together[] {
  const tied = ({ id }: DeviceView) =>
    ['listed', 'factory', 'improvised'].includes(reader.value(id, 'tie') ?? '');
  const singles = panel.devices.filter(
    ({ height, stands }) => height === 1 && stands === 'position',
  );
  const groups = panel.multiwires.map(({ hots }) => [...new Set(hots.map(({ device }) => device))]);
  for (const one of singles) {
    const other = singles.find(({ column, row }) => column === one.column && row === one.row + 1);
    if (!other || !tied(one) || !tied(other)) continue;
    if (!groups.some((group) => group.includes(one) && group.includes(other)))
      groups.push([one, other]);
  }
  return groups
    .filter((group) => group.length > 1)
    .map((group) => ({ pieces: group.map(({ id }) => id), beside: group.every(tied) }));
}

/** Whether a group stands as it must. */
export function inOrder(
  { pieces, beside }: Together,
  problem: Pick<PlacementProblem, 'spots' | 'pieces'>,
): boolean {
  const where = pieces.map((id) => problem.pieces.find((one) => one.id === id)?.from);
  if (where.some((key) => key === undefined)) return false;
  const legs = new Set(where.map((key) => problem.spots.find((one) => one.key === key)?.leg));
  return (
    legs.size === pieces.length &&
    (!beside ||
      where.every((key) => where.some((other) => other !== key && areBeside(key!, other!))))
  );
}

/** A panel as it stands, as a placement: what is in order there stays in order, what is not is not touched. */
export function standing(site: SiteView, panel: PanelView): PlacementProblem {
  const spots = spotsOf(site, panel);
  const pieces = piecesOf(site, panel);
  const all = togetherOf(site, panel);
  const known = new Set(pieces.map(({ id }) => id));
  const together = all.filter((one) => inOrder(one, { spots, pieces }));
  const untouched = new Set(
    all.filter((one) => !together.includes(one)).flatMap((group) => group.pieces),
  );
  return {
    spots,
    pieces: pieces.map((one) => (untouched.has(one.id) ? { ...one, fixed: true } : one)),
    together: together.filter((group) => group.pieces.every((id) => known.has(id))),
    tandems: 0,
    ratingPairs: ratingPairsOf(site, panel),
    legs: systems[panel.system].legs,
  };
}

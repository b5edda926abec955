import type { CableView, ConductorView, PanelView } from '../../installation/panel/views';
import type { Geometry } from './geometry';
import { sideOf } from './side';
import type { Point } from './shapes';

type Corner = { side: 'left' | 'right'; edge: 'top' | 'bottom' };

/** A cable's end where its jacket stops inside the enclosure. */
export interface Jacket {
  cable: CableView | undefined;
  corner: Corner;
  conductors: ConductorView[];
  x: number;
  /** The jacket's mouth. */
  y: number;
  width: number;
  startOf(conductor: ConductorView): Point;
}

const mouth = 0.95;

/** Sorts cables to the corners where they enter. Where that was not recorded, near their breaker. */
export function placeJackets(panel: PanelView) {
  const seat = seats(panel);
  const groups = new Map<string, ConductorView[]>();
  const beyondJoint = new Set(panel.conductors.flatMap(({ splicedTo }) => splicedTo ?? []));
  for (const conductor of panel.conductors) {
    if (!seat.has(conductor.id)) continue;
    // A short wire from a joint came in with no cable.
    if (!conductor.cable && beyondJoint.has(conductor.id)) continue;
    const key = conductor.cable?.id ?? conductor.id;
    groups.set(key, [...(groups.get(key) ?? []), conductor]);
  }
  const rows = panel.rows ?? 0;
  const bundles = [...groups].map(([key, conductors]) => {
    const lead = conductors.find((one) => seat.get(one.id)!.row !== undefined) ?? conductors[0]!;
    const { row, side } = seat.get(lead.id)!;
    const cable = lead.cable;
    const corner: Corner = {
      side: cable?.side ?? side,
      edge: cable?.edge ?? ((row ?? rows) <= Math.ceil(rows / 2) ? 'top' : 'bottom'),
    };
    return { key, conductors, cable, corner, row: row ?? (corner.edge === 'top' ? rows + 1 : 0) };
  });
  const cornerByConductor = new Map(
    bundles.flatMap((bundle) =>
      bundle.conductors.map((conductor) => [conductor.id, bundle.corner]),
    ),
  );
  return {
    cornerOf: (conductor: ConductorView): Corner =>
      cornerByConductor.get(conductor.id) ?? { side: 'left', edge: 'top' },
    at: (geometry: Geometry): Jacket[] =>
      (['left', 'right'] as const).flatMap((side) =>
        (['top', 'bottom'] as const).flatMap((edge) => {
          const here = bundles
            .filter((bundle) => bundle.corner.side === side && bundle.corner.edge === edge)
            // Nearest the middle: the row its lane reaches first.
            .sort(
              (a, b) =>
                (edge === 'top' ? a.row - b.row : b.row - a.row) || (a.key < b.key ? -1 : 1),
            );
          return here.map((bundle, index) =>
            jacketAt(geometry, bundle, index, here.length, side, edge, seat),
          );
        }),
      ),
  };
}

function jacketAt(
  geometry: Geometry,
  bundle: { conductors: ConductorView[]; cable: CableView | undefined; corner: Corner },
  index: number,
  count: number,
  side: Corner['side'],
  edge: Corner['edge'],
  seat: ReturnType<typeof seats>,
): Jacket {
  // Clear of the main and of the hub where the supply comes in.
  const { main } = geometry;
  const inner =
    side === 'left'
      ? Math.min(main.x - 0.5, geometry.width / 2 - 1.7)
      : Math.max(main.x + main.width + 0.5, geometry.width / 2 + 1.7);
  const outer = side === 'left' ? 0.9 : geometry.width - 0.9;
  const step = Math.min(0.62, Math.abs(outer - inner) / Math.max(count - 1, 1));
  const x = inner + (side === 'left' ? -1 : 1) * step * index;
  const y = edge === 'top' ? mouth : geometry.height - mouth;
  const width = Math.min(0.42, step * 0.8);
  // Inside the jacket: hots towards the middle, the ground towards the wall.
  const rank = (conductor: ConductorView) =>
    ({ hot: 0, neutral: 1, ground: 2 })[conductor.function?.value ?? 'hot'] * 100 +
    (seat.get(conductor.id)?.row ?? 50) * (edge === 'top' ? 1 : -1);
  const ordered = [...bundle.conductors].sort((a, b) => rank(a) - rank(b));
  const pitch = ordered.length > 1 ? Math.min(0.12, (width - 0.1) / (ordered.length - 1)) : 0;
  const out = side === 'left' ? -1 : 1;
  return {
    ...bundle,
    x,
    y,
    width,
    startOf: (conductor) => ({
      x: x + out * pitch * (ordered.indexOf(conductor) - (ordered.length - 1) / 2),
      y,
    }),
  };
}

/** Row and side of the screw each landed conductor ends at; bars have no row, nor have loose ends. */
function seats(panel: PanelView): Map<string, { row: number | undefined; side: 'left' | 'right' }> {
  const seat = new Map<string, { row: number | undefined; side: 'left' | 'right' }>();
  for (const device of [...panel.devices, ...panel.pullOuts])
    for (const terminal of device.terminals)
      for (const conductor of terminal.conductors) {
        const row =
          device.stands === 'position'
            ? terminal.row + (terminal.half === 'lower' ? 0.5 : 0)
            : terminal.index / 10;
        seat.set(conductor.id, { row, side: sideOf(device) });
      }
  for (const bar of panel.bars)
    for (const terminal of bar.terminals)
      for (const conductor of terminal.conductors)
        seat.set(conductor.id, { row: undefined, side: bar.side });
  // What lies on no screw is seen all the same, at the side of what it came in with.
  for (const { id, cable, landsOn } of panel.conductors) {
    if (landsOn?.value !== null) continue;
    const mate = cable && panel.conductors.find((one) => one.cable === cable && seat.has(one.id));
    seat.set(id, { row: undefined, side: mate ? seat.get(mate.id)!.side : 'left' });
  }
  return seat;
}

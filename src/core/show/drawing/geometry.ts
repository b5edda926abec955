import { splitRef } from '../../record/entries/thing-types';
import type { BarView, DeviceView, PanelView } from '../../installation/panel/views';
import type { Point } from './shapes';
import { turnPoint } from './turn';

/** Where everything is, in inches of the real panel. A row of positions is one inch. */
export interface Geometry {
  /** Of the panel upright. */
  width: number;
  height: number;
  /** Hangs sideways: the drawing is turned a quarter clockwise. */
  turned: boolean;
  rows: number;
  rowsTop: number;
  rowsBottom: number;
  /** Rows of the upper section of a split-bus panel; below them lies a gap. */
  upperRows: number;
  sectionGap: number;
  /** Outer and inner ends of the breaker bodies. */
  left: { outer: number; inner: number };
  right: { outer: number; inner: number };
  main: { x: number; y: number; width: number; height: number };
  /** Pull-out blocks beside the main. */
  block(number: 1 | 2 | 3): { x: number; y: number; width: number; height: number };
  /** Centre of each bar. */
  barX(bar: BarView): number;
  barTop(bar: BarView): number;
  barPitch: number;
  /** Ends of conductors on no screw, by their id; known once the wires are laid. */
  looseAt?: ReadonlyMap<string, Point>;
}

export const bodyLength = 2.55;
export const centreStrip = 0.6;
const topZone = 7;
/** Height of one half of a tandem. */
export const tandemHeight = 0.46;

/** Lanes wanted in each gutter, counted by the router. */
export interface GutterNeeds {
  left: number;
  right: number;
  /** Bare conductors outside the bar on each wall. */
  wallLeft: number;
  wallRight: number;
  /** Lanes that cross under the breakers. */
  across: number;
}

export const lanePitch = 0.14;

export function layOut(panel: PanelView, needs: GutterNeeds): Geometry {
  const rows = panel.rows ?? 0;
  const barPitch = 0.55;
  const wallLeft = 0.45 + needs.wallLeft * 0.1;
  const wallRight = 0.45 + needs.wallRight * 0.1;
  const gutter = (lanes: number) => Math.max(2.7, lanes * lanePitch + 0.9);
  const leftBar = wallLeft + 0.15;
  const leftOuter = leftBar + 0.35 + gutter(needs.left);
  const leftInner = leftOuter + bodyLength;
  const rightInner = leftInner + centreStrip;
  const rightOuter = rightInner + bodyLength;
  const rightBar = rightOuter + gutter(needs.right) + 0.35;
  const width = rightBar + 0.15 + wallRight;
  const upperRows = panel.upperRows ?? 0;
  const sectionGap = upperRows > 0 && upperRows < rows ? 0.9 : 0;
  const rowsBottom = topZone + rows + sectionGap;
  const mostScrews = Math.max(0, ...panel.bars.map((bar) => bar.count ?? 0));
  const below = 2.6 + needs.across * lanePitch + 1.1;
  const height = Math.max(rowsBottom + below, topZone + mostScrews * barPitch + 2.5);
  const middle = (leftInner + rightInner) / 2;
  const onSide = (side: 'left' | 'right') => panel.bars.filter((bar) => bar.side === side);
  const blocks = panel.pullOuts.length;
  const mainWidth = panel.main?.form === 'three-pole' ? 4.2 : panel.kind === 'fuse' ? 2.6 : 3.25;
  const mainX = middle - mainWidth / 2 - (blocks > 0 ? blocks * 1.5 : 0);
  return {
    width,
    height,
    turned: panel.orientation === 'sideways',
    rows,
    rowsTop: topZone,
    rowsBottom,
    upperRows,
    sectionGap,
    left: { outer: leftOuter, inner: leftInner },
    right: { outer: rightOuter, inner: rightInner },
    main: { x: mainX, y: 3.85, width: mainWidth, height: 2.35 },
    block: (number) => ({
      x: mainX + mainWidth + 0.4 + (number - 1) * 3,
      y: 3.85,
      width: 2.6,
      height: 2.35,
    }),
    barX: (bar) => (bar.side === 'left' ? leftBar + 0.001 : rightBar),
    barTop: (bar) => {
      const same = onSide(bar.side);
      const above = same.slice(0, same.indexOf(bar));
      const start = topZone + (bar.kind === 'ground' ? 0.5 : -0.45);
      return start + above.reduce((sum, one) => sum + ((one.count ?? 4) + 2) * barPitch, 0);
    },
    barPitch,
  };
}

/** Top edge of a row; rows of the lower section lie a gap further down. */
export const rowTop = (g: Geometry, row: number) =>
  g.rowsTop + row - 1 + (g.sectionGap > 0 && row > g.upperRows ? g.sectionGap : 0);

/** Middle of a row. */
export const rowMiddle = (geometry: Geometry, row: number) => rowTop(geometry, row) + 0.5;

/** Where the pole of an upright block lies across its width: 0 left, 1 right. */
export const poleShare = (index: number, poles: number) =>
  poles === 3 ? [0.2, 0.5, 0.8][index - 1]! : index === 1 ? 0.26 : 0.74;

/** Body of a device. */
export function bodyBox(geometry: Geometry, device: DeviceView) {
  if (device.stands === 'main') return geometry.main;
  if (device.stands === 'pull-out') return geometry.block(-device.number as 1 | 2 | 3);
  const x = device.column === 1 ? geometry.left.outer : geometry.right.inner;
  const top = rowTop(geometry, device.row) + 0.02;
  return {
    x,
    y: device.half === 'lower' ? top + 0.5 : top,
    width: bodyLength,
    height: device.half ? tandemHeight : device.height - 0.04,
  };
}

/** Centre of a device's screw. */
export function screwPoint(geometry: Geometry, device: DeviceView, index: number): Point {
  if (device.stands !== 'position') {
    const box = bodyBox(geometry, device);
    // The supply comes to the main from above; a block's circuit leaves it at its right.
    return device.isMain
      ? { x: box.x + box.width * poleShare(index, device.terminals.length), y: box.y - 0.37 }
      : { x: box.x + box.width + 0.2, y: box.y + 0.75 + (index - 1) * 0.9 };
  }
  const inset = 0.2;
  const x = device.column === 1 ? geometry.left.outer + inset : geometry.right.outer - inset;
  const terminal = device.terminals[index - 1]!;
  const shift = terminal.half ? (terminal.half === 'upper' ? -0.25 : 0.25) : 0;
  return { x, y: rowMiddle(geometry, terminal.row) + shift };
}

export function barScrewPoint(geometry: Geometry, bar: BarView, number: number): Point {
  return {
    x: geometry.barX(bar),
    y: geometry.barTop(bar) + 0.3 + (number - 1) * geometry.barPitch,
  };
}

/** Where a mark sits on a body: between its number and its handle, from the outer end. */
const markInset = 1.235;

/** Where a thing or part of the panel is marked: on its body, at its screw, at its position. */
export function anchorOf(geometry: Geometry, panel: PanelView, ref: string): Point | undefined {
  const { thing, part } = splitRef(ref);
  if (thing === panel.id) {
    const position = panel.positions.find((one) => one.ref === ref);
    if (!position) return undefined;
    const x =
      position.column === 1 ? geometry.left.outer + markInset : geometry.right.outer - markInset;
    return { x, y: rowMiddle(geometry, position.row) };
  }
  const device = [...panel.devices, ...panel.pullOuts, ...(panel.main ? [panel.main] : [])].find(
    (one) => one.id === thing,
  );
  if (device) {
    const box = bodyBox(geometry, device);
    if (device.stands !== 'position')
      return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    const y = part ? screwPoint(geometry, device, Number(part.slice(1))).y : box.y + box.height / 2;
    const x = device.column === 1 ? box.x + markInset : box.x + bodyLength - markInset;
    return { x, y };
  }
  const bar = panel.bars.find((one) => one.id === thing);
  if (bar) return barScrewPoint(geometry, bar, part ? Number(part.slice(1)) : 1);
  const conductor = panel.conductors.find((one) => one.id === thing);
  if (conductor?.landsOn?.value) return anchorOf(geometry, panel, conductor.landsOn.value);
  if (conductor) return geometry.looseAt?.get(thing);
  const group = panel.multiwires.find((one) => one.id === thing);
  if (group?.hots[0]) return anchorOf(geometry, panel, group.hots[0].ref);
  const [first] = panel.circuits.find((one) => one.id === thing)?.terminals ?? [];
  return first === undefined ? undefined : anchorOf(geometry, panel, first);
}

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Size of the drawing as it stands on the sheet. */
export const sheetSize = (g: Geometry) =>
  g.turned ? { width: g.height, height: g.width } : { width: g.width, height: g.height };

/** A point of the panel where the sheet shows it. */
export const onSheet = (g: Geometry, point: Point): Point =>
  g.turned ? turnPoint(point, g.height) : point;

/** A box of the panel where the sheet shows it. */
export function boxOnSheet(g: Geometry, box: Box): Box {
  if (!g.turned) return box;
  const { x, y } = turnPoint({ x: box.x, y: box.y + box.height }, g.height);
  return { x, y, width: box.height, height: box.width };
}

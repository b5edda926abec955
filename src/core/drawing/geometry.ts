import { splitRef } from '../entries/thing-types';
import type { BarView, DeviceView, PanelView } from '../panel/views';
import type { Point } from './shapes';

/** Where everything is, in inches of the real panel. A row of positions is one inch. */
export interface Geometry {
  width: number;
  height: number;
  rows: number;
  rowsTop: number;
  rowsBottom: number;
  /** Outer and inner ends of the breaker bodies. */
  left: { outer: number; inner: number };
  right: { outer: number; inner: number };
  main: { x: number; y: number; width: number; height: number };
  /** Centre of each bar. */
  barX(bar: BarView): number;
  barTop(bar: BarView): number;
  barPitch: number;
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
  const rowsBottom = topZone + rows;
  const mostScrews = Math.max(0, ...panel.bars.map((bar) => bar.count ?? 0));
  const below = 2.6 + needs.across * lanePitch + 1.1;
  const height = Math.max(rowsBottom + below, topZone + mostScrews * barPitch + 2.5);
  const middle = (leftInner + rightInner) / 2;
  const onSide = (side: 'left' | 'right') => panel.bars.filter((bar) => bar.side === side);
  return {
    width,
    height,
    rows,
    rowsTop: topZone,
    rowsBottom,
    left: { outer: leftOuter, inner: leftInner },
    right: { outer: rightOuter, inner: rightInner },
    main: { x: middle - 1.625, y: 3.85, width: 3.25, height: 2.35 },
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

/** Middle of a row. */
export const rowMiddle = (geometry: Geometry, row: number) => geometry.rowsTop + row - 0.5;

/** Body of a device. */
export function bodyBox(geometry: Geometry, device: DeviceView) {
  const x = device.column === 1 ? geometry.left.outer : geometry.right.inner;
  return {
    x,
    y: geometry.rowsTop + device.row - 1 + 0.02,
    width: bodyLength,
    height: device.height - 0.04,
  };
}

/** Centre of a device's screw. */
export function screwPoint(geometry: Geometry, device: DeviceView, index: number): Point {
  if (device.isMain) {
    const { main } = geometry;
    return { x: main.x + main.width * (index === 1 ? 0.26 : 0.74), y: main.y - 0.37 };
  }
  const inset = 0.2;
  const x = device.column === 1 ? geometry.left.outer + inset : geometry.right.outer - inset;
  if (device.form === 'tandem')
    return { x, y: rowMiddle(geometry, device.row) + (index === 1 ? -0.25 : 0.25) };
  return { x, y: rowMiddle(geometry, device.row + index - 1) };
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
  const device = [...panel.devices, ...(panel.main ? [panel.main] : [])].find(
    (one) => one.id === thing,
  );
  if (device) {
    if (device.isMain)
      return {
        x: geometry.main.x + geometry.main.width / 2,
        y: geometry.main.y + geometry.main.height / 2,
      };
    const box = bodyBox(geometry, device);
    const y = part ? screwPoint(geometry, device, Number(part.slice(1))).y : box.y + box.height / 2;
    const x = device.column === 1 ? box.x + markInset : box.x + bodyLength - markInset;
    return { x, y };
  }
  const bar = panel.bars.find((one) => one.id === thing);
  if (bar) return barScrewPoint(geometry, bar, part ? Number(part.slice(1)) : 1);
  const conductor = panel.conductors.find((one) => one.id === thing);
  if (conductor?.landsOn?.value) return anchorOf(geometry, panel, conductor.landsOn.value);
  const group = panel.multiwires.find((one) => one.id === thing);
  return group?.hots[0] ? anchorOf(geometry, panel, group.hots[0].ref) : undefined;
}

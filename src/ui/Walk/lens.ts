import type { PanelView } from '@/core/installation/panel/views';
import type { PanelDrawing } from '@/core';
import { anchorOf, onSheet, rowMiddle, sheetSize } from '@/core/show/drawing/geometry';
import type { Geometry } from '@/core/show/drawing/geometry';
import type { Selection } from '../Book/context';

/** A stretch of the sheet, inches. */
export interface Window {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Room shown round the enclosure, inches. */
export const rim = 0.7;

/** Middle of the strip between the two columns: the gutters beside them differ. */
export const betweenColumns = ({ left, right }: Geometry): number => (left.inner + right.inner) / 2;

/** Where the thing in hand lies on the sheet, if it lies on it. */
export function pointInHand(
  selection: Selection,
  panel: PanelView,
  { geometry }: PanelDrawing,
): { x: number; y: number } | undefined {
  if (selection.kind === 'position') {
    const position = panel.positions.find(({ number }) => number === selection.number);
    if (!position) return undefined;
    const { height = 1, row = position.row } = position.devices[0] ?? {};
    const y = (rowMiddle(geometry, row) + rowMiddle(geometry, row + height - 1)) / 2;
    return onSheet(geometry, { x: betweenColumns(geometry), y });
  }
  if (selection.kind === 'stage') return undefined;
  const ref = selection.kind === 'screw' ? `${selection.bar}/t${selection.number}` : selection.ref;
  const point = anchorOf(geometry, panel, ref);
  return point && onSheet(geometry, point);
}

/** The stretch of the sheet a lens of this size shows round a point, never past the rim. */
export function windowRound(
  point: { x: number; y: number },
  drawing: PanelDrawing,
  size: { width: number; height: number },
): Window {
  const sheet = sheetSize(drawing.geometry);
  const within = (at: number, length: number, whole: number) =>
    length >= whole + 2 * rim
      ? (whole - length) / 2
      : Math.min(Math.max(at - length / 2, -rim), whole + rim - length);
  return {
    x: within(point.x, size.width, sheet.width),
    y: within(point.y, size.height, sheet.height),
    ...size,
  };
}

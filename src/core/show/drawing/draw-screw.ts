import type { Point, Shape, Tone } from './shapes';
import { circlePath, linePath } from './shapes';

/** A slotted screw head. */
export function screw({ x, y }: Point, r: number): Shape[] {
  const tone: Tone = 'screw';
  return [
    {
      kind: 'path',
      layer: 'screws',
      d: circlePath(x, y, r),
      fill: tone,
      stroke: 'screw-edge',
      width: 0.03,
    },
    {
      kind: 'path',
      layer: 'screws',
      d: linePath({ x: x - r * 0.6, y: y - r * 0.6 }, { x: x + r * 0.6, y: y + r * 0.6 }),
      stroke: 'screw-edge',
      width: 0.035,
    },
  ];
}

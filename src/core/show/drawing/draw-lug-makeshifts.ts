import type { FactReader } from '../../record/entries/fact-reader';
import { lugRef } from '../../record/entries/thing-types';
import { systems } from '../../vocabulary/system';
import type { PanelView } from '../../installation/panel/views';
import type { Geometry } from './geometry';
import { poleShare } from './geometry';
import type { Point, Shape } from './shapes';
import { n } from './shapes';

/** Middle of a leg’s lug. */
export const lugPoint = ({ main }: Geometry, index: number, count: number): Point => ({
  x: main.x + main.width * poleShare(index + 1, count),
  y: main.y - 0.37,
});

const tapped: readonly string[] = ['circuit', 'unknown', 'solar'];

/**
 * What is at the lugs besides the supply: a wire taken off ahead of the main, more conductors than one, a jumper
 * that joins the legs. A wire nobody followed is dashed.
 */
export function drawLugMakeshifts(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  const { legs } = systems[panel.system];
  const count = legs.length;
  const shapes: Shape[] = [];
  legs.forEach((_, index) => {
    const ref = lugRef(panel.id, (index + 1) as 1 | 2 | 3);
    const { x, y } = lugPoint(g, index, count);
    const aside = index < count / 2 ? -1 : 1;
    const beside = reader.value(ref, 'besideSupply');
    if (beside !== undefined && tapped.includes(beside)) {
      const d = `M${n(x)} ${n(y)}H${n(x + aside * 0.75)}V${n(y - 0.75)}H${n(x + aside * 1.15)}`;
      const line = { kind: 'path', layer: 'ends', d, dashed: beside === 'unknown' } as const;
      shapes.push(
        { ...line, stroke: 'wire-red-edge', width: 0.14 },
        { ...line, stroke: 'wire-red', width: 0.08 },
      );
    }
    const holds = reader.value(ref, 'lugHolds');
    if (holds !== undefined && holds > 1)
      shapes.push({
        kind: 'text',
        layer: 'figures',
        x: x + aside * 0.62,
        y: y + 0.28,
        text: `×${holds}`,
        size: 0.34,
        anchor: 'middle',
        tone: 'ink',
        bold: true,
      });
  });
  if (reader.value(panel.id, 'legFeed') === 'jumpered') {
    const [from, to] = [lugPoint(g, 0, count), lugPoint(g, count - 1, count)];
    const d = `M${n(from.x)} ${n(from.y)}C${n(from.x)} ${n(from.y - 0.9)} ${n(to.x)} ${n(to.y - 0.9)} ${n(to.x)} ${n(to.y)}`;
    shapes.push(
      { kind: 'path', layer: 'ends', d, stroke: 'wire-black-edge', width: 0.24 },
      { kind: 'path', layer: 'ends', d, stroke: 'wire-black', width: 0.18 },
    );
  }
  return shapes;
}

import type { FactReader } from '../../record/entries/fact-reader';
import type { PanelView } from '../../installation/panel/views';
import { screw } from './draw-screw';
import type { Geometry } from './geometry';
import { barScrewPoint } from './geometry';
import type { Shape } from './shapes';
import { circlePath, linePath, n, rectPath } from './shapes';

/** Neutral and ground bars, and what joins the neutral to the enclosure. */
export function drawBars(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  const shapes: Shape[] = [];
  for (const bar of panel.bars) {
    const x = g.barX(bar);
    const top = g.barTop(bar);
    // Not counted: dashed, with the screws that are used.
    const count = bar.count ?? Math.max(4, bar.terminals.length);
    const length = count * g.barPitch + 0.35;
    shapes.push({
      kind: 'path',
      layer: 'bars',
      d: rectPath(x - 0.22, top - 0.12, 0.44, length, 0.05),
      stroke: bar.count ? 'screw-edge' : 'ink3',
      width: 0.03,
      dashed: !bar.count,
      ...(bar.count && { fill: 'bar' as const }),
    });
    if (bar.kind === 'neutral')
      shapes.push(
        {
          kind: 'path',
          layer: 'bars',
          d: rectPath(x - 0.34, top - 0.85, 0.68, 0.73, 0.05),
          fill: 'lug',
          stroke: 'screw-edge',
          width: 0.03,
        },
        {
          kind: 'path',
          layer: 'screws',
          d: circlePath(x, top - 0.48, 0.19),
          fill: 'screw',
          stroke: 'screw-edge',
          width: 0.03,
        },
      );
    for (let number = 1; number <= (bar.count ?? bar.terminals.length); number += 1)
      shapes.push(...screw(barScrewPoint(g, bar, number), 0.13));
    shapes.push({
      kind: 'text',
      layer: 'figures',
      x,
      y: top + length + 0.28,
      size: 0.36,
      anchor: 'middle',
      tone: 'ink2',
      text: bar.kind === 'ground' ? 'G' : bar.forBoth ? 'N G' : 'N',
    });
  }
  return [...shapes, ...drawBond(panel, g, reader)];
}

function drawBond(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  const neutral = panel.bars.find((bar) => bar.kind === 'neutral');
  const bond = reader.value(panel.id, 'bond');
  if (!neutral) return [];
  const x = g.barX(neutral);
  const y = g.barTop(neutral) + (neutral.count ?? 4) * g.barPitch + 0.35;
  const strapY = g.height - 0.62;
  const end = g.width / 2;
  const strap = `M${n(x)} ${n(y + 0.35)}V${n(strapY)}H${n(end)}`;
  if (bond === undefined)
    return [{ kind: 'path', layer: 'bars', d: strap, stroke: 'ink3', width: 0.04, dashed: true }];
  if (bond === 'none') return [];
  if (bond === 'strap')
    return [
      { kind: 'path', layer: 'bars', d: strap, stroke: 'wire-bare-edge', width: 0.22 },
      { kind: 'path', layer: 'bars', d: strap, stroke: 'wire-bare', width: 0.17 },
      {
        kind: 'path',
        layer: 'screws',
        d: circlePath(end, strapY, 0.19),
        fill: 'green',
        stroke: 'ink',
        width: 0.03,
      },
    ];
  return [
    {
      kind: 'path',
      layer: 'screws',
      d: circlePath(x, y + 0.62, 0.19),
      fill: 'green',
      stroke: 'ink',
      width: 0.03,
    },
    {
      kind: 'path',
      layer: 'screws',
      d: linePath({ x: x - 0.1, y: y + 0.62 }, { x: x + 0.1, y: y + 0.62 }),
      stroke: 'ink',
      width: 0.035,
    },
  ];
}

import type { FactReader } from '../panel/reader';
import type { PanelView } from '../panel/views';
import type { Geometry } from './geometry';
import { rowMiddle, screwPoint } from './geometry';
import type { Shape } from './shapes';
import { circlePath, linePath, n, rectPath } from './shapes';

/** The enclosure and, where it was not opened, its hatching. */
export function drawCan(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  const shapes: Shape[] = [
    {
      kind: 'path',
      layer: 'can',
      d: rectPath(0, 0, g.width, g.height, 0.12),
      fill: 'can',
      stroke: 'edge',
      width: 0.04,
    },
    {
      kind: 'path',
      layer: 'can',
      d: rectPath(0.16, 0.16, g.width - 0.32, g.height - 0.32, 0.06),
      fill: 'back',
      stroke: 'edge',
      width: 0.02,
    },
  ];
  if (g.rows > 0)
    shapes.push({
      kind: 'path',
      layer: 'can',
      fill: 'pan',
      stroke: 'edge',
      width: 0.02,
      d: rectPath(
        g.left.outer - 0.15,
        g.rowsTop - 0.35,
        g.right.outer - g.left.outer + 0.3,
        g.rows + 0.7,
        0.08,
      ),
    });
  if (reader.value(panel.id, 'coverOpened') === 'not-opened') shapes.push(hatching(g));
  return shapes;
}

function hatching(g: Geometry): Shape {
  let d = '';
  const step = 0.7;
  for (let at = step; at < g.width + g.height; at += step) {
    const from = { x: Math.max(0, at - g.height), y: Math.min(at, g.height) };
    const to = { x: Math.min(at, g.width), y: Math.max(0, at - g.width) };
    d += linePath(from, to);
  }
  return { kind: 'path', layer: 'can', d, stroke: 'hair', width: 0.03, dashed: true };
}

/** Bus straps and the stab of each row. Behind bodies the bus is hidden; at an opening it shows. */
export function drawBus(panel: PanelView, g: Geometry): Shape[] {
  if (g.rows === 0) return [];
  const { main } = g;
  const xs = [g.left.inner - 1.5, g.right.inner + 1.3];
  const bottom = rowMiddle(g, g.rows);
  const shapes: Shape[] = xs.map((x, leg) => ({
    kind: 'path',
    layer: 'bus',
    fill: 'bus',
    stroke: 'bus-edge',
    width: 0.02,
    d: `M${n(main.x + main.width * (leg === 0 ? 0.26 : 0.74) - 0.15)} ${n(main.y + main.height)}v0.35H${n(x)}V${n(bottom)}h0.3V${n(main.y + main.height + 0.65)}H${n(main.x + main.width * (leg === 0 ? 0.26 : 0.74) + 0.15)}v-0.65z`,
  }));
  for (let row = 1; row <= g.rows; row += 1) {
    const y = rowMiddle(g, row);
    const leg = row % 2 === 1 ? 'A' : 'B';
    shapes.push(
      {
        kind: 'path',
        layer: 'bus',
        d: rectPath(g.left.inner - 0.35, y - 0.18, g.right.inner - g.left.inner + 0.7, 0.36),
        fill: 'bus',
        stroke: 'bus-edge',
        width: 0.02,
      },
      {
        kind: 'text',
        layer: 'figures',
        x: (g.left.inner + g.right.inner) / 2,
        y: y + 0.15,
        text: leg,
        size: 0.4,
        anchor: 'middle',
        tone: 'bus-edge',
        bold: true,
      },
    );
  }
  return shapes;
}

/** Main breaker with its lugs and the supply conductors. What was not recorded is dashed. */
export function drawSupply(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  const { main } = g;
  const known = panel.main;
  const shapes: Shape[] = [
    {
      kind: 'path',
      layer: 'bodies',
      d: rectPath(main.x, main.y, main.width, main.height, 0.06),
      dashed: !known,
      stroke: known ? 'body-edge' : 'ink3',
      width: 0.03,
      ...(known && { fill: 'body' as const }),
    },
  ];
  const metal = reader.value(panel.id, 'supplyMetal');
  const sized = reader.value(panel.id, 'supplySize') !== undefined;
  const hub = g.width / 2;
  const lugs = [1, 2].map((index) => ({
    x: main.x + main.width * (index === 1 ? 0.26 : 0.74),
    y: known ? screwPoint(g, known, index).y : main.y - 0.37,
  }));
  shapes.push({
    kind: 'path',
    layer: 'bars',
    d: rectPath(hub - 1.3, -0.1, 2.6, 0.5, 0.04),
    fill: 'steel',
    stroke: 'edge',
    width: 0.03,
  });
  lugs.forEach((lug, index) => {
    const x = hub + (index === 0 ? -0.2 : 0.6);
    const d = `M${n(x)} 0.3C${n(x)} 1.9 ${n(lug.x)} 1.6 ${n(lug.x)} ${n(lug.y)}`;
    if (sized)
      shapes.push(
        { kind: 'path', layer: 'service', d, stroke: 'wire-black-edge', width: 0.42 },
        { kind: 'path', layer: 'service', d, stroke: 'wire-black', width: 0.36 },
      );
    else
      shapes.push({ kind: 'path', layer: 'service', d, stroke: 'ink3', width: 0.05, dashed: true });
    shapes.push(
      {
        kind: 'path',
        layer: 'bars',
        d: rectPath(lug.x - 0.37, main.y - 0.74, 0.74, 0.74, 0.05),
        stroke: known ? 'screw-edge' : 'ink3',
        width: 0.03,
        dashed: !known,
        ...(known && { fill: 'lug' as const }),
      },
      ...(known
        ? [
            {
              kind: 'path',
              layer: 'screws',
              d: circlePath(lug.x, main.y - 0.37, 0.2),
              fill: 'screw',
              stroke: 'screw-edge',
              width: 0.03,
            } as const,
          ]
        : []),
    );
  });
  const bar = panel.bars.find((one) => one.kind === 'neutral');
  if (bar) {
    const x = g.barX(bar);
    const d = `M${n(hub - 0.8)} 0.3C${n(hub - 0.8)} 2.6 ${n(x)} 2.2 ${n(x)} ${n(g.barTop(bar) - 0.3)}`;
    const wire = metal === 'cu' ? 'wire-white' : 'wire-aluminium';
    if (sized)
      shapes.push(
        { kind: 'path', layer: 'service', d, stroke: `${wire}-edge`, width: 0.4 },
        { kind: 'path', layer: 'service', d, stroke: wire, width: 0.34 },
      );
    else
      shapes.push({ kind: 'path', layer: 'service', d, stroke: 'ink3', width: 0.05, dashed: true });
  }
  if (!known)
    return [
      ...shapes,
      {
        kind: 'text',
        layer: 'figures',
        x: main.x + main.width / 2,
        y: main.y + 1.3,
        text: 'main not recorded',
        size: 0.4,
        anchor: 'middle',
        tone: 'ink2',
      },
    ];
  const rating = reader.value(known.id, 'handleRatingsA')?.[0];
  return [
    ...shapes,
    {
      kind: 'path',
      layer: 'bodies',
      d: rectPath(main.x + 0.75, main.y + 0.78, main.width - 1.5, 0.95, 0.05),
      fill: 'handle',
    },
    {
      kind: 'text',
      layer: 'figures',
      x: main.x + main.width / 2,
      y: main.y + 0.55,
      text: 'MAIN',
      size: 0.42,
      anchor: 'middle',
      tone: 'number',
    },
    {
      kind: 'text',
      layer: 'figures',
      x: main.x + main.width / 2,
      y: main.y + 1.5,
      text: rating === undefined ? '?' : String(rating),
      size: 0.68,
      anchor: 'middle',
      tone: 'figure',
      bold: true,
    },
  ];
}

import type { FactReader } from '../../record/entries/fact-reader';
import { systems } from '../../vocabulary/system';
import type { PanelView } from '../../installation/panel/views';
import { drawPullOut } from './draw-fuse';
import type { Geometry } from './geometry';
import { lugPoint } from './draw-lug-makeshifts';
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
        g.rowsBottom - g.rowsTop + 0.7,
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

/** Main breaker with its lugs and the supply conductors. What was not recorded is dashed. */
export function drawSupply(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  const { main } = g;
  const known = panel.main;
  const lugsOnly = !known && (panel.mainKind === 'lugs' || panel.mainKind === 'throws');
  const poles = systems[panel.system].legs.length;
  const shapes: Shape[] = [
    {
      kind: 'path',
      layer: 'bodies',
      d: rectPath(main.x, main.y, main.width, main.height, 0.06),
      dashed: !known && !lugsOnly,
      stroke: known ? 'body-edge' : lugsOnly ? 'bus-edge' : 'ink3',
      width: 0.03,
      ...(known && { fill: 'body' as const }),
      ...(lugsOnly && { fill: 'bus' as const }),
    },
  ];
  const sized = reader.value(panel.id, 'supplySize') !== undefined;
  const hub = g.width / 2;
  const lugs = Array.from({ length: poles }, (_, index) => lugPoint(g, index, poles));
  const feed = reader.value(panel.id, 'legFeed');
  const oneLeg = feed === 'one' || feed === 'jumpered';
  shapes.push({
    kind: 'path',
    layer: 'bars',
    d: rectPath(hub - 1.3, -0.1, 2.6, 0.5, 0.04),
    fill: 'steel',
    stroke: 'edge',
    width: 0.03,
  });
  lugs.forEach((lug, index) => {
    const x = hub - 0.2 + (index * 0.8) / Math.max(poles - 1, 1);
    const d = `M${n(x)} 0.3C${n(x)} 1.9 ${n(lug.x)} 1.6 ${n(lug.x)} ${n(lug.y)}`;
    // A leg that no hot of the supply comes to.
    const unfed = oneLeg && index > 0;
    if (sized && !unfed)
      shapes.push(
        { kind: 'path', layer: 'service', d, stroke: 'wire-black-edge', width: 0.42 },
        { kind: 'path', layer: 'service', d, stroke: 'wire-black', width: 0.36 },
      );
    else if (!unfed)
      shapes.push({ kind: 'path', layer: 'service', d, stroke: 'ink3', width: 0.05, dashed: true });
    shapes.push(
      {
        kind: 'path',
        layer: 'bars',
        d: rectPath(lug.x - 0.37, main.y - 0.74, 0.74, 0.74, 0.05),
        stroke: known || lugsOnly ? 'screw-edge' : 'ink3',
        width: 0.03,
        dashed: !known && !lugsOnly,
        ...((known || lugsOnly) && { fill: 'lug' as const }),
      },
      ...(known || lugsOnly
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
  shapes.push(...drawSupplyNeutral(panel, g, reader));
  if (!known)
    return [
      ...shapes,
      {
        kind: 'text',
        layer: 'figures',
        x: main.x + main.width / 2,
        y: main.y + 1.3,
        text: lugsOnly ? 'LUGS, NO MAIN' : 'main not recorded',
        size: 0.34,
        anchor: 'middle',
        tone: lugsOnly ? 'bus-edge' : 'ink2',
      },
    ];
  if (known.form === 'pull-out') return [...shapes, ...drawPullOut(known, g)];
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
      y: main.y + (g.turned ? 0.6 : 0.55),
      text: 'MAIN',
      size: g.turned ? 0.3 : 0.42,
      anchor: 'middle',
      tone: 'number',
    },
    {
      kind: 'text',
      layer: 'figures',
      x: main.x + main.width / 2,
      y: main.y + 1.5,
      text: rating === undefined ? '?' : String(rating),
      size: g.turned ? 0.42 : 0.68,
      anchor: 'middle',
      tone: 'figure',
      bold: true,
    },
    ...(reader.value(panel.id, 'verticalHandles') === 'down' ? onWhenDown(g) : []),
  ];
}

/** A handle that is on when it points down: where a glance expects it to be off. */
function onWhenDown({ main }: Geometry): Shape[] {
  const word = (text: string, y: number): Shape => ({
    kind: 'text',
    layer: 'figures',
    x: main.x + main.width - 0.42,
    y,
    text,
    size: 0.28,
    anchor: 'middle',
    tone: 'number',
    bold: true,
  });
  return [word('OFF', main.y + 0.98), word('ON', main.y + 1.72)];
}

/** Neutral of the supply, to the bar somebody saw it on; where it passes a ground bar, on from there. */
function drawSupplyNeutral(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  const lands = reader.value(panel.id, 'supplyNeutralOn') ?? 'neutral-bar';
  const neutral = panel.bars.find((one) => one.kind === 'neutral');
  const ground = panel.bars.find((one) => one.kind === 'ground');
  const first = lands === 'neutral-bar' ? neutral : (ground ?? neutral);
  if (!first) return [];
  const from = g.width / 2 - 0.8;
  const [x, y] = [g.barX(first), g.barTop(first) - (first === neutral ? 0.3 : 0)];
  const d = `M${n(from)} 0.3C${n(from)} 2.6 ${n(x)} 2.2 ${n(x)} ${n(y)}`;
  if (reader.value(panel.id, 'supplySize') === undefined)
    return [{ kind: 'path', layer: 'service', d, stroke: 'ink3', width: 0.05, dashed: true }];
  const wire = reader.value(panel.id, 'supplyMetal') === 'cu' ? 'wire-white' : 'wire-aluminium';
  const drawn = (path: string, width: number): Shape[] => [
    { kind: 'path', layer: 'service', d: path, stroke: `${wire}-edge`, width: width + 0.06 },
    { kind: 'path', layer: 'service', d: path, stroke: wire, width },
  ];
  if (lands !== 'through-ground-bar' || !neutral || first === neutral) return drawn(d, 0.34);
  const [nx, ny] = [g.barX(neutral), g.barTop(neutral) - 0.48];
  const over = Math.min(y, ny) - 1.1;
  return [
    ...drawn(d, 0.34),
    ...drawn(`M${n(x)} ${n(y)}C${n(x)} ${n(over)} ${n(nx)} ${n(over)} ${n(nx)} ${n(ny)}`, 0.16),
  ];
}

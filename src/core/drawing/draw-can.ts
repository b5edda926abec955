import type { FactReader } from '../panel/reader';
import type { Leg } from '../panel/system';
import { systems } from '../panel/system';
import type { PanelView } from '../panel/views';
import { drawPullOut } from './draw-fuse';
import type { Geometry } from './geometry';
import { poleShare, rowMiddle, rowTop } from './geometry';
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

/** Where each leg's bar runs down: A left, the last leg right, the middle one of three in the strip. */
function legX(g: Geometry, leg: Leg, count: number): number {
  const left = g.left.inner - 1.5;
  const right = g.right.inner + 1.3;
  if (leg === 'A') return left;
  return leg === 'B' && count === 3 ? (g.left.inner + g.right.inner) / 2 - 0.15 : right;
}

/** Bus bars and the stab of each row. Behind bodies the bus is hidden; at an opening it shows. */
export function drawBus(panel: PanelView, g: Geometry): Shape[] {
  if (g.rows === 0) return [];
  const { legs } = systems[panel.system];
  const sections =
    g.sectionGap > 0
      ? [
          { from: 1, to: g.upperRows },
          { from: g.upperRows + 1, to: g.rows },
        ]
      : [{ from: 1, to: g.rows }];
  return sections.flatMap((section, index) => [
    ...legs.map((leg, at) => busBar(panel, g, section, leg, at, legs.length, index)),
    ...stabs(panel, g, section),
    ...(index === 1 ? [lowerFeed(panel, g, section.from)] : []),
  ]);
}

interface Section {
  from: number;
  to: number;
}

function busBar(
  panel: PanelView,
  g: Geometry,
  section: Section,
  leg: Leg,
  at: number,
  count: number,
  index: number,
): Shape {
  const x = legX(g, leg, count);
  const bottom = rowMiddle(g, section.to);
  const bar = { kind: 'path', layer: 'bus', fill: 'bus', stroke: 'bus-edge', width: 0.02 } as const;
  if (index === 1) {
    const top = rowTop(g, section.from) - 0.25;
    return { ...bar, d: rectPath(x, top, 0.3, bottom - top) };
  }
  const { main } = g;
  const from = main.x + main.width * poleShare(at + 1, count);
  const out = main.y + main.height;
  const turn = out + 0.2 + at * 0.22;
  return {
    ...bar,
    d: `M${n(from - 0.15)} ${n(out)}V${n(turn)}H${n(x)}V${n(bottom)}h0.3V${n(turn + 0.3)}H${n(from + 0.15)}V${n(out)}z`,
  };
}

/** One stab across a row where both columns share its leg, else one for each column. */
function stabs(panel: PanelView, g: Geometry, { from, to }: Section): Shape[] {
  const shapes: Shape[] = [];
  const middle = (g.left.inner + g.right.inner) / 2;
  const stab = (x: number, y: number, width: number): Shape => ({
    kind: 'path',
    layer: 'bus',
    d: rectPath(x, y - 0.18, width, 0.36),
    fill: 'bus',
    stroke: 'bus-edge',
    width: 0.02,
  });
  const letter = (text: string, x: number, y: number): Shape => ({
    kind: 'text',
    layer: 'figures',
    x,
    y: y + 0.15,
    text,
    size: 0.4,
    anchor: 'middle',
    tone: 'bus-edge',
    bold: true,
  });
  for (let row = from; row <= to; row += 1) {
    const y = rowMiddle(g, row);
    const here = panel.positions.filter((position) => position.row === row);
    const legs = [...new Set(here.map((position) => position.leg))];
    if (legs.length === 1) {
      shapes.push(stab(g.left.inner - 0.35, y, g.right.inner - g.left.inner + 0.7));
      shapes.push(letter(legs[0]!, middle, y));
      continue;
    }
    for (const { column, leg } of here) {
      const x = column === 1 ? g.left.inner - 0.35 : g.right.inner + 0.05;
      shapes.push(stab(x, y, 0.3), letter(leg, middle + (column === 1 ? -0.15 : 0.15), y));
    }
  }
  return shapes;
}

/** Feed-through lugs at the foot of the bus, one a leg: the way on to another panel. */
export function drawFeedThrough(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  if (g.rows === 0 || !reader.value(panel.id, 'feedThroughLugs')) return [];
  const { legs } = systems[panel.system];
  const bottom = rowMiddle(g, g.rows);
  return legs.flatMap((leg): Shape[] => {
    const x = legX(g, leg, legs.length);
    const y = bottom + 0.52;
    return [
      {
        kind: 'path',
        layer: 'bus',
        d: rectPath(x, bottom, 0.3, 0.7),
        fill: 'bus',
        stroke: 'bus-edge',
        width: 0.02,
      },
      {
        kind: 'path',
        layer: 'bars',
        d: rectPath(x - 0.1, y, 0.5, 0.5, 0.05),
        fill: 'lug',
        stroke: 'screw-edge',
        width: 0.03,
      },
      {
        kind: 'path',
        layer: 'screws',
        d: circlePath(x + 0.15, y + 0.25, 0.15),
        fill: 'screw',
        stroke: 'screw-edge',
        width: 0.03,
      },
    ];
  });
}

/** How the lower section of a split-bus panel is fed: dashed until the throw is known. */
function lowerFeed(panel: PanelView, g: Geometry, firstRow: number): Shape {
  const throwDevice = panel.lowerFedBy;
  const y = rowTop(g, firstRow) - 0.45;
  const x = throwDevice
    ? throwDevice.column === 1
      ? g.left.inner - 0.4
      : g.right.inner + 0.4
    : (g.left.inner + g.right.inner) / 2;
  const from = throwDevice ? rowMiddle(g, throwDevice.row) : y - 0.3;
  return {
    kind: 'path',
    layer: 'bus',
    d: `M${n(x)} ${n(from)}V${n(y)}H${n(g.left.inner - 1.35)}V${n(y + 0.3)}M${n(x)} ${n(y)}H${n(g.right.inner + 1.45)}V${n(y + 0.3)}`,
    stroke: throwDevice ? 'bus-edge' : 'ink3',
    width: throwDevice ? 0.16 : 0.05,
    dashed: !throwDevice,
  };
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
  const metal = reader.value(panel.id, 'supplyMetal');
  const sized = reader.value(panel.id, 'supplySize') !== undefined;
  const hub = g.width / 2;
  const lugs = Array.from({ length: poles }, (_, index) => ({
    x: main.x + main.width * poleShare(index + 1, poles),
    y: main.y - 0.37,
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
    const x = hub - 0.2 + (index * 0.8) / Math.max(poles - 1, 1);
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
  ];
}

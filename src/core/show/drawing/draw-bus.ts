import type { FactReader } from '../../record/entries/fact-reader';
import type { Leg } from '../../vocabulary/system';
import { systems } from '../../vocabulary/system';
import type { PanelView } from '../../installation/panel/views';
import type { Geometry } from './geometry';
import { poleShare, rowMiddle, rowTop } from './geometry';
import type { Shape } from './shapes';
import { circlePath, n, rectPath } from './shapes';

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

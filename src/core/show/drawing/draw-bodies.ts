import { clash } from '../../fieldwork/recording/check';
import type { FactReader } from '../../record/entries/fact-reader';
import type { PanelView, PositionView } from '../../installation/panel/views';
import { drawDevice } from './draw-device';
import type { Geometry } from './geometry';
import { bodyLength, rowMiddle, rowTop } from './geometry';
import type { Shape } from './shapes';
import { linePath, n, rectPath } from './shapes';

/** Breakers, blanks, openings and positions not yet recorded. */
export function drawBodies(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  // Of two that were recorded on one position the first is drawn: over each other neither could be read.
  const under = new Set(
    panel.positions.flatMap(({ devices }) => (clash(devices) ? devices.slice(1) : [])),
  );
  return [
    ...panel.positions
      .filter((position) => position.devices.length === 0)
      .flatMap((position) => [
        ...drawEmpty(position, g),
        ...(position.opening?.value === 'open' ? stabForm(position, g, reader) : []),
      ]),
    ...panel.positions
      .filter((position) => reader.value(position.ref, 'busCondition') === 'burned')
      .map((position) => burn(position, g)),
    ...[...panel.devices, ...panel.pullOuts]
      .filter((device) => !under.has(device))
      .flatMap((device) => drawDevice(device, g, reader)),
  ];
}

const columnX = (g: Geometry, column: 1 | 2) => (column === 1 ? g.left.outer : g.right.inner);

/** Width of a stab seen through an opening. */
const stabWidth = 0.3;

const stabX = ({ column }: PositionView, g: Geometry) =>
  column === 1 ? g.left.inner - 1.5 : g.right.inner + 1.3;

/** The notch of a stab that takes a tandem, or the shoulder that keeps one off, as seen through an opening. */
function stabForm(position: PositionView, g: Geometry, reader: FactReader): Shape[] {
  const takes = reader.value(position.ref, 'stabTakes');
  if (takes === undefined) return [];
  const x = stabX(position, g);
  const middle = rowMiddle(g, position.row);
  const outer = position.column === 1 ? x : x + stabWidth;
  return [
    {
      kind: 'path',
      layer: 'figures',
      d:
        takes === 'tandem'
          ? rectPath(position.column === 1 ? outer : outer - 0.2, middle - 0.09, 0.2, 0.18)
          : rectPath(outer - 0.11, middle - 0.16, 0.22, 0.32),
      fill: takes === 'tandem' ? 'back' : 'bus',
      stroke: 'bus-edge',
      width: 0.03,
    },
  ];
}

function drawEmpty(position: PositionView, g: Geometry): Shape[] {
  const box = {
    x: columnX(g, position.column) + 0.06,
    y: rowTop(g, position.row) + 0.08,
    w: bodyLength - 0.12,
    h: 0.84,
  };
  const d = rectPath(box.x, box.y, box.w, box.h, 0.04);
  const state = position.opening?.value;
  const outer = position.column === 1 ? box.x + 0.6 : box.x + box.w - 0.6;
  const number: Shape = {
    kind: 'text',
    layer: 'figures',
    x: outer,
    y: box.y + box.h / 2 + 0.17,
    text: String(position.number),
    size: 0.46,
    anchor: 'middle',
    tone: state === 'blanked' || state === 'covered' ? 'plate-edge' : 'ink2',
  };
  if (state === 'blanked' || state === 'covered') {
    const shapes: Shape[] = [
      { kind: 'path', layer: 'bodies', d, fill: 'plate', stroke: 'plate-edge', width: 0.03 },
      number,
    ];
    if (state === 'covered')
      shapes.push({
        kind: 'path',
        layer: 'bodies',
        d: linePath({ x: box.x + 0.1, y: box.y + 0.1 }, { x: box.x + box.w - 0.1, y: box.y + 0.1 }),
        stroke: 'plate-edge',
        width: 0.02,
      });
    return shapes;
  }
  if (state === 'open' || state === 'taped' || state === 'unfit') {
    const bus = stabX(position, g);
    return [
      { kind: 'path', layer: 'bodies', d, fill: 'back', stroke: 'ink', width: 0.045 },
      {
        kind: 'path',
        layer: 'bodies',
        d: rectPath(bus, box.y, stabWidth, box.h),
        fill: 'bus',
        stroke: 'bus-edge',
        width: 0.02,
      },
      ...(state === 'open' ? [] : [makeshift(state, box)]),
      number,
    ];
  }
  return [{ kind: 'path', layer: 'bodies', d, stroke: 'ink3', width: 0.035, dashed: true }, number];
}

/** What closes an opening it was not made for: tape from edge to edge and beyond, or a part that leaves a gap. */
function makeshift(state: 'taped' | 'unfit', { x, y, w, h }: Box): Shape {
  const shape = { kind: 'path', layer: 'bodies', width: 0.03, stroke: 'ink' } as const;
  if (state === 'unfit')
    return { ...shape, d: rectPath(x + 0.14, y + 0.12, w - 0.4, h - 0.2), fill: 'plate' };
  const tear = Array.from(
    { length: 4 },
    (_, at) => `l${at % 2 ? -0.06 : 0.06} ${n((h - 0.2) / 4)}`,
  );
  const back = tear.map((_, at) => `l${at % 2 ? 0.06 : -0.06} ${n(-(h - 0.2) / 4)}`);
  return {
    ...shape,
    d: `M${n(x - 0.1)} ${n(y + 0.1)}h${n(w + 0.2)}${tear.join('')}h${n(-w - 0.2)}${back.join('')}z`,
    fill: 'ink3',
  };
}

interface Box {
  x: number;
  y: number;
  w: number;
  h: number;
}

function burn(position: PositionView, g: Geometry): Shape {
  const x = position.column === 1 ? g.left.inner + 0.02 : g.right.inner - 0.02;
  const y = rowMiddle(g, position.row);
  return {
    kind: 'path',
    layer: 'figures',
    d: `M${n(x - 0.28)} ${n(y - 0.2)}l0.14 0.12 0.1 -0.2 0.12 0.2 0.2 -0.1 -0.1 0.2 0.14 0.14 -0.26 0.02 -0.1 0.18 -0.12 -0.16 -0.2 0.06 0.08 -0.2z`,
    fill: 'heat',
    stroke: 'ink',
    width: 0.02,
  };
}

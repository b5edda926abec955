import type { FactReader } from '../panel/reader';
import type { DeviceView, PanelView, PositionView } from '../panel/views';
import type { Geometry } from './geometry';
import { bodyBox, bodyLength, rowMiddle, screwPoint, tandemHeight } from './geometry';
import type { Point, Shape, Tone } from './shapes';
import { circlePath, linePath, n, rectPath } from './shapes';

/** Breakers, blanks, openings and positions not yet recorded. */
export function drawBodies(panel: PanelView, g: Geometry, reader: FactReader): Shape[] {
  return [
    ...panel.positions
      .filter((position) => position.devices.length === 0)
      .flatMap((position) => drawEmpty(position, g)),
    ...panel.positions
      .filter((position) => reader.value(position.ref, 'busCondition') === 'burned')
      .map((position) => burn(position, g)),
    ...panel.devices.flatMap((device) => drawDevice(device, g, reader)),
  ];
}

const columnX = (g: Geometry, column: 1 | 2) => (column === 1 ? g.left.outer : g.right.inner);

function drawEmpty(position: PositionView, g: Geometry): Shape[] {
  const box = {
    x: columnX(g, position.column) + 0.06,
    y: g.rowsTop + position.row - 0.92,
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
  if (state === 'open') {
    const bus = position.column === 1 ? g.left.inner - 1.5 : g.right.inner + 1.3;
    return [
      { kind: 'path', layer: 'bodies', d, fill: 'back', stroke: 'ink', width: 0.045 },
      {
        kind: 'path',
        layer: 'bodies',
        d: rectPath(bus, box.y, 0.3, box.h),
        fill: 'bus',
        stroke: 'bus-edge',
        width: 0.02,
      },
      number,
    ];
  }
  return [{ kind: 'path', layer: 'bodies', d, stroke: 'ink3', width: 0.035, dashed: true }, number];
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

function drawDevice(device: DeviceView, g: Geometry, reader: FactReader): Shape[] {
  const box = bodyBox(g, device);
  const shapes: Shape[] = [];
  const heat = reader.value(device.id, 'heatMark') || reader.value(device.id, 'melted');
  const halves = device.form === 'tandem' ? [0, 1] : [0];
  for (const half of halves) {
    const y = device.form === 'tandem' ? box.y + half * (box.height - tandemHeight) : box.y;
    const height = device.form === 'tandem' ? tandemHeight : box.height;
    shapes.push({
      kind: 'path',
      layer: 'bodies',
      d: rectPath(box.x, y, box.width, height, 0.05),
      fill: 'body',
      stroke: 'body-edge',
      width: 0.025,
    });
    if (heat)
      shapes.push({
        kind: 'path',
        layer: 'bodies',
        d: rectPath(box.x, y, box.width, height, 0.05),
        fill: 'heat',
        opacity: 0.35,
      });
    shapes.push(
      ...handle(
        device,
        g,
        box.x,
        y,
        height,
        device.terminals[device.form === 'tandem' ? half : 0]?.handleA,
      ),
    );
  }
  if (device.height === 2) {
    const middle = box.y + box.height / 2;
    shapes.push({
      kind: 'path',
      layer: 'bodies',
      d: linePath({ x: box.x, y: middle }, { x: box.x + box.width, y: middle }),
      stroke: 'body-edge',
      width: 0.02,
    });
  }
  const numbers = device.height === 2 ? device.label.split('+') : [device.label];
  numbers.forEach((text, index) =>
    shapes.push({
      kind: 'text',
      layer: 'figures',
      text,
      anchor: 'middle',
      tone: 'number',
      size: 0.46,
      x: device.column === 1 ? box.x + 0.66 : box.x + box.width - 0.66,
      y: rowMiddle(g, device.row + index) + 0.16,
    }),
  );
  if (reader.value(device.id, 'tie') === 'improvised') shapes.push(nail(device, g));
  for (const terminal of device.terminals)
    shapes.push(
      ...screw(screwPoint(g, device, terminal.index), device.form === 'tandem' ? 0.12 : 0.15),
    );
  return shapes;
}

/** Handle thrown towards the middle: on. */
function handle(
  device: DeviceView,
  g: Geometry,
  x: number,
  y: number,
  height: number,
  rating: number | undefined,
): Shape[] {
  const slotX = device.column === 1 ? x + 1.545 : x + bodyLength - 2.475;
  const tall = device.form === 'tandem' ? height - 0.1 : Math.min(height, 2) - 0.3;
  const top = y + (height - tall) / 2;
  const inner = device.column === 1 ? slotX + 0.93 - 0.2 : slotX;
  return [
    { kind: 'path', layer: 'bodies', d: rectPath(slotX, top, 0.93, tall, 0.05), fill: 'handle' },
    {
      kind: 'path',
      layer: 'bodies',
      d: rectPath(inner, top, 0.2, tall, 0.05),
      fill: 'body',
      stroke: 'body-edge',
      width: 0.02,
    },
    {
      kind: 'text',
      layer: 'figures',
      text: rating === undefined ? '?' : String(rating),
      anchor: 'middle',
      tone: 'figure',
      bold: true,
      size: device.form === 'tandem' ? 0.36 : 0.46,
      x: slotX + (device.column === 1 ? 0.37 : 0.56),
      y: top + tall / 2 + (device.form === 'tandem' ? 0.13 : 0.16),
    },
  ];
}

function nail(device: DeviceView, g: Geometry): Shape {
  const x = device.column === 1 ? g.left.outer + 2.38 : g.right.inner + 0.17;
  const y = g.rowsTop + device.row - 1 + 0.25;
  return {
    kind: 'path',
    layer: 'figures',
    d: `${linePath({ x: x - 0.1, y }, { x: x + 0.1, y })}${linePath({ x, y }, { x, y: y + device.height - 0.5 })}`,
    stroke: 'screw',
    width: 0.07,
    round: true,
  };
}

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

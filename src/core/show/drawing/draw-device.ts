import { formOf, halved } from '../../vocabulary/device-forms';
import type { FactReader } from '../../record/entries/fact-reader';
import type { DeviceView } from '../../installation/panel/views';
import { drawFuse, drawPullOut } from './draw-fuse';
import { screw } from './draw-screw';
import type { Geometry } from './geometry';
import { bodyBox, bodyLength, rowMiddle, screwPoint, tandemHeight } from './geometry';
import type { Shape } from './shapes';
import { linePath, n, rectPath } from './shapes';

/** One body of a device: a whole one, or a half of a tandem or quad. */
interface Body {
  y: number;
  height: number;
  rating: number | undefined;
}

/** A device on its positions: bodies, handles, numbers, screws, and what was noticed of it. */
export function drawDevice(device: DeviceView, g: Geometry, reader: FactReader): Shape[] {
  if (device.form === 'plug-fuse') return drawFuse(device, g, reader);
  if (device.stands === 'pull-out' || device.form === 'pull-out') return drawPullOut(device, g);
  const heat = reader.value(device.id, 'heatMark') || reader.value(device.id, 'melted');
  const state = reader.value(device.id, 'handleState');
  const small = halved(device.form) || device.half !== undefined;
  const box = bodyBox(g, device);
  const shapes: Shape[] = [];
  for (const body of bodiesOf(device, g)) {
    const d = rectPath(box.x, body.y, box.width, body.height, 0.05);
    shapes.push({
      kind: 'path',
      layer: 'bodies',
      d,
      fill: 'body',
      stroke: 'body-edge',
      width: 0.025,
    });
    if (heat) shapes.push({ kind: 'path', layer: 'bodies', d, fill: 'heat', opacity: 0.35 });
    shapes.push(
      ...(formOf(device.form).noHandle
        ? nameplate(device, box.x, body)
        : handle(device, box.x, body, state)),
    );
  }
  shapes.push(...poleLines(device, g), ...quadTies(device, g), ...numbers(device, g));
  const protection = reader.value(device.id, 'protection');
  if (protection && protection !== 'ordinary') shapes.push(...testKey(device, g));
  if (reader.value(device.id, 'tie') === 'improvised') shapes.push(nail(device, g));
  for (const terminal of device.terminals)
    shapes.push(...screw(screwPoint(g, device, terminal.index), small ? 0.12 : 0.15));
  return shapes;
}

function bodiesOf(device: DeviceView, g: Geometry): Body[] {
  const box = bodyBox(g, device);
  if (!halved(device.form))
    return [{ y: box.y, height: box.height, rating: device.terminals[0]?.handleA }];
  return device.terminals.map((terminal) => ({
    y: rowMiddle(g, terminal.row) + (terminal.half === 'upper' ? -0.48 : 0.02),
    height: tandemHeight,
    rating: terminal.handleA,
  }));
}

/** Thrown towards the middle: on; outward: off; between: tripped. */
function handle(
  device: DeviceView,
  x: number,
  { y, height, rating }: Body,
  state: string | undefined,
): Shape[] {
  const left = device.column === 1;
  const slotX = left ? x + 1.545 : x + bodyLength - 2.475;
  const small = height < 0.6;
  const tall = small ? height - 0.1 : Math.min(height, 3) - 0.3;
  const top = y + (height - tall) / 2;
  const [inner, outer] = left ? [slotX + 0.73, slotX] : [slotX, slotX + 0.73];
  const off = state === 'off' || state === 'leave-off';
  const stick = state === 'tripped' ? slotX + 0.365 : off ? outer : inner;
  const figure = (left ? 0.37 : 0.56) + (off ? (left ? 0.2 : -0.2) : 0);
  return [
    { kind: 'path', layer: 'bodies', d: rectPath(slotX, top, 0.93, tall, 0.05), fill: 'handle' },
    {
      kind: 'path',
      layer: 'bodies',
      d: rectPath(stick, top, 0.2, tall, 0.05),
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
      size: small ? 0.36 : 0.46,
      x: slotX + figure,
      y: top + tall / 2 + (small ? 0.13 : 0.16),
    },
  ];
}

/** What stands on a device without a handle. */
function nameplate(device: DeviceView, x: number, { y, height }: Body): Shape[] {
  return [
    {
      kind: 'text',
      layer: 'figures',
      text: formOf(device.form).plate ?? '',
      anchor: 'middle',
      tone: 'figure',
      size: 0.32,
      x: x + (device.column === 1 ? 1.75 : bodyLength - 1.75),
      y: y + height / 2 + 0.11,
    },
  ];
}

const poleLines = (device: DeviceView, g: Geometry): Shape[] =>
  halved(device.form)
    ? []
    : Array.from({ length: device.height - 1 }, (_, index): Shape => {
        const { x, width } = bodyBox(g, device);
        const y = rowMiddle(g, device.row + index) + 0.5;
        return {
          kind: 'path',
          layer: 'bodies',
          d: linePath({ x, y }, { x: x + width, y }),
          stroke: 'body-edge',
          width: 0.02,
        };
      });

/** The wire that ties the outer, and the inner, handles of a quad. */
function quadTies(device: DeviceView, g: Geometry): Shape[] {
  if (device.form !== 'quad') return [];
  const { x } = bodyBox(g, device);
  const at = (index: number) => {
    const terminal = device.terminals[index]!;
    return rowMiddle(g, terminal.row) + (terminal.half === 'upper' ? -0.25 : 0.25);
  };
  const tie = (from: number, to: number, dx: number): Shape => {
    const tieX = device.column === 1 ? x + dx : x + bodyLength - dx;
    return {
      kind: 'path',
      layer: 'figures',
      d: linePath({ x: tieX, y: at(from) }, { x: tieX, y: at(to) }),
      stroke: 'screw',
      width: 0.05,
    };
  };
  return [tie(0, 3, 2.5), tie(1, 2, 2.38)];
}

const numbers = (device: DeviceView, g: Geometry): Shape[] =>
  device.label
    .replace(/[ab]$/, '')
    .split('+')
    .map((text, index): Shape => {
      const { x, width } = bodyBox(g, device);
      const middle = rowMiddle(g, device.row + index);
      return {
        kind: 'text',
        layer: 'figures',
        text: device.half ? device.label : text,
        anchor: 'middle',
        tone: 'number',
        size: device.half ? 0.36 : 0.46,
        x: device.column === 1 ? x + 0.66 : x + width - 0.66,
        y: middle + (device.half ? (device.half === 'upper' ? -0.12 : 0.38) : 0.16),
      };
    });

function testKey(device: DeviceView, g: Geometry): Shape[] {
  const { x, y, width, height } = bodyBox(g, device);
  const keyX = device.column === 1 ? x + 1.05 : x + width - 1.05 - 0.36;
  const keyY = y + height / 2 - 0.18;
  return [
    {
      kind: 'path',
      layer: 'figures',
      d: rectPath(keyX, keyY, 0.36, 0.36, 0.05),
      fill: 'plate',
      stroke: 'plate-edge',
      width: 0.025,
    },
    {
      kind: 'text',
      layer: 'figures',
      text: 'T',
      anchor: 'middle',
      tone: 'plate-edge',
      bold: true,
      size: 0.28,
      x: keyX + 0.18,
      y: keyY + 0.28,
    },
  ];
}

function nail(device: DeviceView, g: Geometry): Shape {
  const { y, height } = bodyBox(g, device);
  const x = device.column === 1 ? g.left.outer + 2.38 : g.right.inner + 0.17;
  return {
    kind: 'path',
    layer: 'figures',
    d: `${linePath({ x: x - 0.1, y: y + 0.23 }, { x: x + 0.1, y: y + 0.23 })}M${n(x)} ${n(y + 0.23)}v${n(height - 0.46)}`,
    stroke: 'screw',
    width: 0.07,
    round: true,
  };
}

import type { FactReader } from '../../record/entries/fact-reader';
import type { DeviceView } from '../../installation/panel/views';
import { screw } from './draw-screw';
import type { Geometry } from './geometry';
import { bodyBox, poleShare, rowMiddle, screwPoint } from './geometry';
import type { Shape } from './shapes';
import { circlePath, n, rectPath } from './shapes';

/** A plug fuse in its base: the base's ring, the fuse's window with its rating. */
export function drawFuse(device: DeviceView, g: Geometry, reader: FactReader): Shape[] {
  const box = bodyBox(g, device);
  const y = rowMiddle(g, device.row);
  const x = device.column === 1 ? box.x + box.width - 0.75 : box.x + 0.75;
  const base = reader.value(device.id, 'fuseBase');
  const bypass = reader.value(device.id, 'fuseBypassed');
  const heat = reader.value(device.id, 'heatMark') || reader.value(device.id, 'melted');
  const rating = device.terminals[0]?.handleA;
  const shapes: Shape[] = [
    {
      kind: 'path',
      layer: 'bodies',
      d: rectPath(box.x, box.y, box.width, box.height, 0.05),
      fill: heat ? 'heat' : 'plate',
      stroke: 'plate-edge',
      width: 0.025,
      ...(heat && { opacity: 0.6 }),
    },
    {
      kind: 'path',
      layer: 'bodies',
      d: circlePath(x, y, 0.44),
      fill: base === 'size-limiting' ? 'bus' : 'lug',
      stroke: 'plate-edge',
      width: 0.03,
      dashed: base === undefined,
    },
    {
      kind: 'path',
      layer: 'bodies',
      d: circlePath(x, y, 0.32),
      fill: bypass && bypass !== 'fuse' ? 'heat' : 'handle',
      stroke: 'plate-edge',
      width: 0.02,
    },
    {
      kind: 'text',
      layer: 'figures',
      text: bypass && bypass !== 'fuse' ? '!' : rating === undefined ? '?' : String(rating),
      anchor: 'middle',
      tone: 'figure',
      bold: true,
      size: 0.34,
      x,
      y: y + 0.12,
    },
    {
      kind: 'text',
      layer: 'figures',
      text: device.label,
      anchor: 'middle',
      tone: 'plate-edge',
      size: 0.46,
      x: device.column === 1 ? box.x + 0.66 : box.x + box.width - 0.66,
      y: y + 0.16,
    },
  ];
  return [...shapes, ...screw(screwPoint(g, device, 1), 0.15)];
}

/** A pull-out block: its bail, two cartridge fuses, the rating. The main's screws are its lugs. */
export function drawPullOut(device: DeviceView, g: Geometry): Shape[] {
  const box = bodyBox(g, device);
  const rating = device.terminals[0]?.handleA;
  const cartridges = [1, 2].map((index): Shape => {
    const x = box.x + box.width * poleShare(index, 2);
    return {
      kind: 'path',
      layer: 'bodies',
      d: rectPath(x - 0.22, box.y + 0.85, 0.44, box.height - 1.1, 0.2),
      fill: 'lug',
      stroke: 'screw-edge',
      width: 0.03,
    };
  });
  return [
    {
      kind: 'path',
      layer: 'bodies',
      d: rectPath(box.x, box.y, box.width, box.height, 0.06),
      fill: 'body',
      stroke: 'body-edge',
      width: 0.03,
    },
    {
      kind: 'path',
      layer: 'bodies',
      d: `M${n(box.x + 0.5)} ${n(box.y + 0.12)}v0.2h${n(box.width - 1)}v-0.2`,
      stroke: 'screw',
      width: 0.08,
      round: true,
    },
    ...cartridges,
    {
      kind: 'text',
      layer: 'figures',
      text: rating === undefined ? '?' : String(rating),
      anchor: 'middle',
      tone: 'figure',
      bold: true,
      size: 0.46,
      x: box.x + box.width / 2,
      y: box.y + 0.78,
    },
    {
      kind: 'text',
      layer: 'figures',
      text: device.isMain ? 'MAIN' : device.label.toUpperCase(),
      anchor: 'middle',
      tone: device.isMain ? 'number' : 'ink2',
      size: device.isMain ? 0.26 : 0.32,
      x: box.x + box.width / 2,
      y: device.isMain ? box.y + box.height - 0.25 : box.y - 0.12,
    },
    ...device.terminals.flatMap((terminal) =>
      device.isMain ? [] : screw(screwPoint(g, device, terminal.index), 0.15),
    ),
  ];
}

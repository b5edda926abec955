import { openings } from '../../vocabulary/openings';
import { conductorWords, deviceCircuitWords } from '../../installation/panel/words';
import type { PanelView } from '../../installation/panel/views';
import type { Geometry } from './geometry';
import { rowMiddle } from './geometry';
import type { Shape } from './shapes';
import { linePath } from './shapes';

/** Width of the margin the labels need, inches. */
export const marginIn = 7.9;

/** The directory in the margins: number, wire, name, mirrored outward, with a leader to the wall. */
export function marginLabels(panel: PanelView, g: Geometry): Shape[] {
  const labelled = new Set<string>();
  return panel.positions.flatMap((position): Shape[] => {
    const [device] = position.devices;
    if (device && labelled.has(device.id)) return [];
    if (device) labelled.add(device.id);
    const left = position.column === 1;
    const wall = left ? -0.15 : g.width + 0.15;
    const out = left ? -1 : 1;
    const y = rowMiddle(g, position.row) + (device ? (device.height - 1) / 2 : 0);
    const anchor = left ? 'end' : 'start';
    const state = position.opening ? openings[position.opening.value].short : 'not recorded';
    const wires =
      device?.terminals.find((terminal) => terminal.conductors.length > 0)?.conductors ?? [];
    const wire = wires[0]
      ? short(conductorWords(wires[0])) + (wires.length > 1 ? ` ×${wires.length}` : '')
      : '';
    const name = device
      ? position.devices.map((one) => deviceCircuitWords(one) || 'no name').join(' / ')
      : state;
    const number = device && !device.half ? device.label : String(position.number);
    const wireFrom = Math.max(2.1, 0.45 + number.length * figureWidth + 0.3);
    const nameFrom = wire ? Math.max(3.85, wireFrom + wire.length * figureWidth + 0.3) : wireFrom;
    const text = (
      words: string,
      dx: number,
      bold: boolean,
      tone: 'ink' | 'ink2' | 'ink3',
    ): Shape => ({
      kind: 'text',
      layer: 'labels',
      text: words,
      x: wall + out * dx,
      y: y + 0.16,
      size: 0.47,
      anchor,
      tone,
      bold,
    });
    return [
      {
        kind: 'path',
        layer: 'labels',
        d: linePath({ x: wall, y }, { x: wall + out * 0.35, y }),
        stroke: 'ink3',
        width: 0.02,
        dashed: !device && !position.opening,
      },
      text(number, 0.45, true, device || position.opening ? 'ink' : 'ink3'),
      ...(wire ? [text(wire, wireFrom, false, 'ink2')] : []),
      text(clip(name, marginIn - nameFrom - 0.3), nameFrom, false, device ? 'ink' : 'ink3'),
    ];
  });
}

const short = (words: string) =>
  words.replace('copper', 'Cu').replace('aluminium', 'Al').replace('size not read', '?');

/** Mean width of a letter and of a figure at the labels' size, inches. */
const [letterWidth, figureWidth] = [0.245, 0.26];

/** What fits the width, inches; the whole name is in the detail and in the directory. */
const clip = (name: string, width: number) => {
  const most = Math.floor(width / letterWidth);
  return name.length > most ? `${name.slice(0, most - 1).trimEnd()}…` : name;
};

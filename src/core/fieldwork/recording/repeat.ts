import { formOf } from '../../vocabulary/device-forms';
import type { FactReader } from '../../record/entries/fact-reader';
import type { DeviceView, PanelView, PositionView } from '../../installation/panel/views';
import type { PositionLine } from '../../record/shorthand/line';
import { positionsOf } from './line-of-device';
import { wholeLine } from './whole-line';

/** The device recorded last in this panel. */
export function lastDevice(panel: PanelView, reader: FactReader): DeviceView | undefined {
  const order = [...reader.inspection.things.keys()];
  return panel.devices.reduce<DeviceView | undefined>(
    (last, device) => (!last || order.indexOf(device.id) > order.indexOf(last.id) ? device : last),
    undefined,
  );
}

/** The device across the middle from a position. */
export const oppositeDevice = (panel: PanelView, position: PositionView): DeviceView | undefined =>
  panel.positions.find((one) => one.row === position.row && one.column !== position.column)
    ?.devices[0];

/** The line that sets a device like this one at another position: all but its name and its screws. */
export function repeatedLine(
  panel: PanelView,
  source: DeviceView,
  at: PositionView,
  reader: FactReader,
): PositionLine | undefined {
  const { rows } = formOf(source.form);
  if (at.row + rows - 1 > panel.layout.rows) return undefined;
  const {
    neutrals: _,
    grounds: __,
    load: ___,
    year: ____,
    ...same
  } = wholeLine(panel, source, reader);
  return { ...same, positions: positionsOf(panel, { ...at, height: rows }), names: [] };
}

/** Free positions down the column from this one, until something stands in the way. */
export function freeBelow(panel: PanelView, from: PositionView): PositionView[] {
  const free: PositionView[] = [];
  for (let row = from.row; row <= panel.layout.rows; row += 1) {
    const here = panel.positions.find((one) => one.column === from.column && one.row === row);
    if (!here || here.devices.length > 0 || here.opening) break;
    free.push(here);
  }
  return free;
}

import type { FactReader } from '../panel/reader';
import { positionNumber } from '../panel/numbering';
import type { DeviceView, PanelView } from '../panel/views';
import type { PositionLine, Wire } from '../shorthand/line';

/** The line of a recorded breaker with its wires, to be changed by a tap and recorded again. */
export function lineOfDevice(
  panel: PanelView,
  device: DeviceView,
  reader: FactReader,
): PositionLine {
  const second = positionNumber(panel.numbering, panel.rows ?? 0, device.column, device.row + 1);
  return {
    kind: 'position',
    positions: device.height === 2 ? [device.number, second] : [device.number],
    form: device.form,
    marks: [],
    names: [],
    maybeMore: true,
    wires: device.terminals.map((terminal) =>
      terminal.conductors.flatMap((conductor): Wire[] => {
        if (!conductor.size || !conductor.metal) return [];
        const remarked = reader.value(conductor.id, 'remarked');
        return [
          {
            size: conductor.size.value,
            metal: conductor.metal.value,
            ...(conductor.colour && { colour: conductor.colour.value }),
            ...(remarked !== undefined && { remarked }),
          },
        ];
      }),
    ),
  };
}

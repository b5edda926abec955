import type { FactReader } from '../../record/entries/fact-reader';
import { positionNumber } from '../../vocabulary/numbering';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import type { PositionLine, Wire } from '../../record/shorthand/line';

/** Printed numbers of the positions a device takes. */
export const positionsOf = (
  panel: PanelView,
  device: Pick<DeviceView, 'column' | 'row' | 'height'>,
) =>
  Array.from({ length: device.height }, (_, step) =>
    positionNumber(panel.layout, device.column, device.row + step),
  );

/** The line of a recorded breaker with its wires, to be changed by a tap and recorded again. */
export function lineOfDevice(
  panel: PanelView,
  device: DeviceView,
  reader: FactReader,
): PositionLine {
  return {
    kind: 'position',
    positions: positionsOf(panel, device),
    form: device.form,
    ...(device.half && { half: device.half }),
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

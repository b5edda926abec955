import type { DeviceView, PanelView } from '../../installation/panel/views';

/** The device on a position; of two half-width ones the one in that half. */
export function deviceAt(
  panel: PanelView,
  number: number,
  half?: 'upper' | 'lower',
): DeviceView | undefined {
  const here = panel.positions.find((position) => position.number === number)?.devices ?? [];
  return here.find((device) => device.half === half) ?? (half ? undefined : here[0]);
}

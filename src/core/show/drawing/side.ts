import type { DeviceView } from '../../installation/panel/views';

export type Side = 'left' | 'right';

/** The gutter a device's wires come from; a pull-out block has its screws at its right. */
export const sideOf = (device: Pick<DeviceView, 'stands' | 'column'>): Side =>
  device.stands === 'position' && device.column === 1 ? 'left' : 'right';

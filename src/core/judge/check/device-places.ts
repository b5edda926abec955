import { positionRef } from '../../record/entries/thing-types';
import { isFuse } from '../../vocabulary/device-forms';
import type { DeviceView, PanelView, TerminalView } from '../../installation/panel/views';
import { LazyPlace } from './lazy-place';
import type { Place } from './place';
import { order } from './place';

export interface DevicePlace extends Place {
  device: DeviceView;
}
export interface TerminalPlace extends Place {
  terminal: TerminalView;
}

/** What the trade calls the device. */
export const deviceWord = (device: DeviceView) => (isFuse(device) ? 'Fuse' : 'Breaker');

/** Positions a device takes. */
export function positionsUnder(panel: PanelView, device: DeviceView): string[] {
  return Array.from({ length: device.height }, (_, step) =>
    positionRef(panel.id, device.column, device.row + step),
  );
}

/** "Breaker 7", "Fuse 2", "The main". */
export const deviceLabel = (device: DeviceView) =>
  device.isMain
    ? 'The main'
    : device.stands === 'pull-out'
      ? device.label
      : `${deviceWord(device)} ${device.label}`;

export class DevicePlaceView extends LazyPlace implements DevicePlace {
  declare private readonly panel: PanelView;
  declare readonly device: DeviceView;
  constructor(panel: PanelView, device: DeviceView) {
    super(device.id, order.position + device.number * 4);
    this.panel = panel;
    this.device = device;
  }
  protected labelled() {
    return deviceLabel(this.device);
  }
  protected relatedThings() {
    const { device, panel } = this;
    return [
      device.id,
      ...device.terminals.map((terminal) => terminal.ref),
      ...positionsUnder(panel, device),
    ];
  }
}

export class TerminalPlaceView extends LazyPlace implements TerminalPlace {
  declare private readonly panel: PanelView;
  declare readonly terminal: TerminalView;
  constructor(panel: PanelView, terminal: TerminalView) {
    super(terminal.ref, order.position + terminal.device.number * 4 + terminal.index);
    this.panel = panel;
    this.terminal = terminal;
  }
  protected labelled() {
    const { device, label } = this.terminal;
    return device.stands === 'pull-out' ? label : `${deviceWord(device)} ${label}`;
  }
  protected relatedThings() {
    const { device, conductors } = this.terminal;
    return [
      this.ref,
      device.id,
      ...conductors.map((conductor) => conductor.id),
      ...positionsUnder(this.panel, device),
    ];
  }
}

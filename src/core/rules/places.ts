import type {
  BarTerminalView,
  BarView,
  DeviceView,
  PanelView,
  PositionView,
  TerminalView,
} from '../panel/views';
import { positionRef } from '../entries/thing-types';
import type { Place } from './place';

export interface PositionPlace extends Place {
  position: PositionView;
}
export interface DevicePlace extends Place {
  device: DeviceView;
}
export interface TerminalPlace extends Place {
  terminal: TerminalView;
}
export interface BarPlace extends Place {
  bar: BarView;
}
export interface BarTerminalPlace extends Place {
  terminal: BarTerminalView;
}

/** Places order by what they are, then by number: panel, positions, neutral bars, ground bars. */
const order = { panel: 0, position: 100, neutral: 10_000, ground: 20_000 };

export function panelPlace(panel: PanelView, label = 'The panel'): Place {
  return { ref: panel.id, label, related: [panel.id], order: order.panel };
}

/** The places of a panel that rules look at one by one, listed once for all of them. */
export interface PanelPlaces {
  positions: readonly PositionPlace[];
  devices: readonly DevicePlace[];
  terminals: readonly TerminalPlace[];
  /** Screws of all bars that hold a conductor. */
  barTerminals: readonly BarTerminalPlace[];
}

export const panelPlaces = (panel: PanelView): PanelPlaces => ({
  positions: positionPlaces(panel),
  devices: panel.devices.map((device) => devicePlace(panel, device)),
  terminals: terminalPlaces(panel),
  barTerminals: panel.bars.flatMap(barTerminalPlaces),
});

function positionPlaces(panel: PanelView): PositionPlace[] {
  return panel.positions.map((position) => ({
    ref: position.ref,
    label: `Position ${position.number}`,
    related: [position.ref, ...position.devices.map((device) => device.id)],
    order: order.position + position.number * 4,
    position,
  }));
}

/** What the trade calls the device. */
export const deviceWord = (device: DeviceView) =>
  device.form === 'plug-fuse' || device.form === 'pull-out' ? 'Fuse' : 'Breaker';

/** Positions a device takes. */
export function positionsUnder(panel: PanelView, device: DeviceView): string[] {
  return Array.from({ length: device.height }, (_, step) =>
    positionRef(panel.id, device.column, device.row + step),
  );
}

export function devicePlace(panel: PanelView, device: DeviceView): DevicePlace {
  return {
    ref: device.id,
    label: `${deviceWord(device)} ${device.label}`,
    related: [
      device.id,
      ...device.terminals.map((terminal) => terminal.ref),
      ...positionsUnder(panel, device),
    ],
    order: order.position + device.number * 4,
    device,
  };
}

function terminalPlaces(panel: PanelView): TerminalPlace[] {
  return panel.devices.flatMap((device) =>
    device.terminals.map((terminal) => ({
      ref: terminal.ref,
      label: `${deviceWord(device)} ${terminal.label}`,
      related: [
        terminal.ref,
        device.id,
        ...terminal.conductors.map((conductor) => conductor.id),
        ...positionsUnder(panel, device),
      ],
      order: order.position + device.number * 4 + terminal.index,
      terminal,
    })),
  );
}

const barWord = (bar: BarView) => (bar.kind === 'ground' ? 'Ground' : 'Neutral');

export function barPlaces(panel: PanelView, kind: 'neutral' | 'ground'): BarPlace[] {
  return panel.bars
    .filter((bar) => bar.kind === kind)
    .map((bar) => ({
      ref: bar.id,
      label: `${barWord(bar)} bar ${bar.side}`,
      related: [bar.id, ...bar.terminals.map((terminal) => terminal.ref)],
      order: order[kind],
      bar,
    }));
}

function barTerminalPlaces(bar: BarView): BarTerminalPlace[] {
  const base = bar.kind === 'ground' ? order.ground : order.neutral;
  return bar.terminals
    .filter((terminal) => terminal.conductors.length > 0)
    .map((terminal) => ({
      ref: terminal.ref,
      label: `${barWord(bar)} ${terminal.number}`,
      related: [terminal.ref, ...terminal.conductors.map((conductor) => conductor.id)],
      order: base + terminal.number,
      terminal,
    }));
}

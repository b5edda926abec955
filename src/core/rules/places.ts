import { lugRef } from '../entries/thing-types';
import { isFuse } from '../panel/device-forms';
import { systems } from '../panel/system';
import type {
  BarTerminalView,
  BarView,
  CableView,
  CircuitView,
  ConductorView,
  DeviceView,
  MultiwireView,
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

export interface ConductorPlace extends Place {
  conductor: ConductorView;
}
export interface CablePlace extends Place {
  cable: CableView;
  /** Conductors recorded in it. */
  conductors: readonly ConductorView[];
}
export interface CircuitPlace extends Place {
  circuit: CircuitView;
  terminals: readonly TerminalView[];
}
export interface MultiwirePlace extends Place {
  group: MultiwireView;
}

/** Places order by what they are, then by number: panel, positions, neutral bars, ground bars, wiring. */
const order = { panel: 0, position: 100, neutral: 10_000, ground: 20_000, wiring: 30_000 };

export function panelPlace(panel: PanelView, label = 'The panel'): Place {
  return { ref: panel.id, label, related: [panel.id], order: order.panel };
}

/** The places of a panel that rules look at one by one, listed once for all of them. */
export interface PanelPlaces {
  positions: readonly PositionPlace[];
  /** On the positions. */
  devices: readonly DevicePlace[];
  /** The main and pull-out blocks too. */
  allDevices: readonly DevicePlace[];
  /** Of the devices on the positions. */
  terminals: readonly TerminalPlace[];
  pullOutTerminals: readonly TerminalPlace[];
  bars: readonly BarPlace[];
  /** Screws of all bars that hold a conductor. */
  barTerminals: readonly BarTerminalPlace[];
  conductors: readonly ConductorPlace[];
  cables: readonly CablePlace[];
  circuits: readonly CircuitPlace[];
  multiwires: readonly MultiwirePlace[];
  /** A lug for each leg, and the neutral's. */
  lugs: readonly Place[];
}

export function panelPlaces(panel: PanelView): PanelPlaces {
  const devices = panel.devices.map((device) => devicePlace(panel, device));
  const others = [...(panel.main ? [panel.main] : []), ...panel.pullOuts];
  const at = new Map<string, string>();
  for (const terminal of panel.terminals.values())
    for (const conductor of terminal.conductors) at.set(conductor.id, terminal.label);
  return {
    positions: positionPlaces(panel),
    devices,
    allDevices: [...others.map((device) => devicePlace(panel, device)), ...devices],
    terminals: panel.devices.flatMap((device) => terminalPlaces(panel, device)),
    pullOutTerminals: panel.pullOuts.flatMap((device) => terminalPlaces(panel, device)),
    bars: [...barPlaces(panel, 'neutral'), ...barPlaces(panel, 'ground')],
    barTerminals: panel.bars.flatMap(barTerminalPlaces),
    conductors: panel.conductors.map((conductor, index) =>
      conductorPlace(conductor, index, at.get(conductor.id)),
    ),
    cables: cablePlaces(panel, at),
    circuits: panel.circuits.map((circuit, index) => circuitPlace(panel, circuit, index)),
    multiwires: panel.multiwires.map((group, index) => multiwirePlace(group, index)),
    lugs: lugPlaces(panel),
  };
}

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
export const deviceWord = (device: DeviceView) => (isFuse(device) ? 'Fuse' : 'Breaker');

/** Positions a device takes. */
export function positionsUnder(panel: PanelView, device: DeviceView): string[] {
  return Array.from({ length: device.height }, (_, step) =>
    positionRef(panel.id, device.column, device.row + step),
  );
}

/** "Breaker 7", "Fuse 2", "The main". */
const deviceLabel = (device: DeviceView) =>
  device.isMain
    ? 'The main'
    : device.stands === 'pull-out'
      ? device.label
      : `${deviceWord(device)} ${device.label}`;

export function devicePlace(panel: PanelView, device: DeviceView): DevicePlace {
  return {
    ref: device.id,
    label: deviceLabel(device),
    related: [
      device.id,
      ...device.terminals.map((terminal) => terminal.ref),
      ...positionsUnder(panel, device),
    ],
    order: order.position + device.number * 4,
    device,
  };
}

function terminalPlaces(panel: PanelView, device: DeviceView): TerminalPlace[] {
  const positions = positionsUnder(panel, device);
  return device.terminals.map((terminal) => ({
    ref: terminal.ref,
    label:
      device.stands === 'pull-out' ? terminal.label : `${deviceWord(device)} ${terminal.label}`,
    related: [
      terminal.ref,
      device.id,
      ...terminal.conductors.map((conductor) => conductor.id),
      ...positions,
    ],
    order: order.position + device.number * 4 + terminal.index,
    terminal,
  }));
}

const functionWords = { hot: 'Wire', neutral: 'Neutral wire', ground: 'Ground wire' };

function conductorPlace(
  conductor: ConductorView,
  index: number,
  screw: string | undefined,
): ConductorPlace {
  const word = functionWords[conductor.function?.value ?? 'hot'];
  return {
    ref: conductor.id,
    label: screw ? `${word} at ${screw}` : `${word} ${index + 1}`,
    related: [
      conductor.id,
      ...(conductor.landsOn?.value ? [conductor.landsOn.value] : []),
      ...(conductor.cable ? [conductor.cable.id] : []),
    ],
    order: order.wiring + index,
    conductor,
  };
}

function cablePlaces(panel: PanelView, at: ReadonlyMap<string, string>): CablePlace[] {
  const held = new Map<CableView, ConductorView[]>();
  for (const conductor of panel.conductors) {
    if (!conductor.cable) continue;
    const list = held.get(conductor.cable);
    if (list) list.push(conductor);
    else held.set(conductor.cable, [conductor]);
  }
  return panel.cables.map((cable, index) => {
    const conductors = held.get(cable) ?? [];
    const screw = conductors
      .map((conductor) => at.get(conductor.id))
      .find((label) => label !== undefined);
    return {
      ref: cable.id,
      label: screw ? `Cable at ${screw}` : `Cable ${index + 1}`,
      related: [cable.id, ...conductors.map((conductor) => conductor.id)],
      order: order.wiring + index,
      cable,
      conductors,
    };
  });
}

function circuitPlace(panel: PanelView, circuit: CircuitView, index: number): CircuitPlace {
  const terminals = circuit.terminals.flatMap((ref) => panel.terminals.get(ref) ?? []);
  const [first] = terminals;
  return {
    ref: circuit.id,
    label: first
      ? `Circuit ${first.device.terminals.length === 2 && terminals.length === 2 ? first.device.label : first.label}`
      : (circuit.name ?? `Circuit ${index + 1}`),
    related: [circuit.id, ...terminals.flatMap((one) => [one.ref, one.device.id])],
    order: first ? order.position + first.device.number * 4 + first.index : order.wiring + index,
    circuit,
    terminals,
  };
}

function multiwirePlace(group: MultiwireView, index: number): MultiwirePlace {
  const labels = group.hots.map((terminal) => terminal.label);
  const [first] = group.hots;
  return {
    ref: group.id,
    label:
      labels.length > 0 ? `Circuits ${labels.join(' and ')}` : `Multiwire circuit ${index + 1}`,
    related: [
      group.id,
      ...group.hots.flatMap((terminal) => [terminal.ref, terminal.device.id]),
      ...(group.neutral ? [group.neutral.id] : []),
    ],
    order: first ? order.position + first.device.number * 4 + first.index : order.wiring + index,
    group,
  };
}

function lugPlaces(panel: PanelView): Place[] {
  const legs = systems[panel.system].legs;
  return [
    ...legs.map((leg, index) => [lugRef(panel.id, (index + 1) as 1 | 2 | 3), `Lug ${leg}`]),
    [lugRef(panel.id, 'n'), 'Neutral lug'],
  ].map(([ref, label], index) => ({
    ref: ref!,
    label: label!,
    related: [ref!],
    order: order.panel + 1 + index,
  }));
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

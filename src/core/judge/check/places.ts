import { lugRef } from '../../record/entries/thing-types';
import { systems } from '../../vocabulary/system';
import type {
  BarTerminalView,
  BarView,
  DeviceView,
  PanelView,
  PositionView,
} from '../../installation/panel/views';
import type { DevicePlace, TerminalPlace } from './device-places';
import { DevicePlaceView, TerminalPlaceView } from './device-places';
import { LazyPlace } from './lazy-place';
import type { Place } from './place';
import type { PolesPlace } from './poles';
import { polesOf } from './poles';
import { order } from './place';
import type { CablePlace, CircuitPlace, ConductorPlace, MultiwirePlace } from './wiring-places';
import {
  CircuitPlaceView,
  ConductorPlaceView,
  MultiwirePlaceView,
  cablePlaces,
} from './wiring-places';

export type {
  CablePlace,
  CircuitPlace,
  ConductorPlace,
  DevicePlace,
  MultiwirePlace,
  TerminalPlace,
};
export { deviceWord, positionsUnder } from './device-places';

export interface PositionPlace extends Place {
  position: PositionView;
}
export interface BarPlace extends Place {
  bar: BarView;
}
export interface BarTerminalPlace extends Place {
  terminal: BarTerminalView;
}

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
  /** Of the main. */
  mainTerminals: readonly TerminalPlace[];
  /** Handles of the devices on the positions, and of the pull-out blocks and the main. */
  poles: readonly PolesPlace[];
  pullOutPoles: readonly PolesPlace[];
  mainPoles: readonly PolesPlace[];
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
  const devices = panel.devices.map((device) => new DevicePlaceView(panel, device));
  const others = [...(panel.main ? [panel.main] : []), ...panel.pullOuts];
  const terminalsOf = (held: readonly DeviceView[]) => {
    const places: TerminalPlace[] = [];
    for (const { terminals } of held)
      for (const terminal of terminals) places.push(new TerminalPlaceView(panel, terminal));
    return places;
  };
  return {
    positions: panel.positions.map((position) => new PositionPlaceView(position)),
    devices,
    allDevices: [...others.map((device) => new DevicePlaceView(panel, device)), ...devices],
    terminals: terminalsOf(panel.devices),
    pullOutTerminals: terminalsOf(panel.pullOuts),
    mainTerminals: terminalsOf(panel.main ? [panel.main] : []),
    poles: polesOf(panel, panel.devices),
    pullOutPoles: polesOf(panel, panel.pullOuts),
    mainPoles: polesOf(panel, panel.main ? [panel.main] : []),
    bars: [...barPlaces(panel, 'neutral'), ...barPlaces(panel, 'ground')],
    barTerminals: barTerminalPlaces(panel),
    conductors: panel.conductors.map(
      (conductor, index) => new ConductorPlaceView(panel, conductor, index),
    ),
    cables: cablePlaces(panel),
    circuits: panel.circuits.map((circuit, index) => {
      const terminals = circuit.terminals.flatMap((ref) => panel.terminals.get(ref) ?? []);
      return new CircuitPlaceView(circuit, terminals, index);
    }),
    multiwires: panel.multiwires.map((group, index) => new MultiwirePlaceView(group, index)),
    lugs: lugPlaces(panel),
  };
}

class PositionPlaceView extends LazyPlace implements PositionPlace {
  declare readonly position: PositionView;
  constructor(position: PositionView) {
    super(position.ref, order.position + position.number * 4);
    this.position = position;
  }
  protected labelled() {
    return `Position ${this.position.number}`;
  }
  protected relatedThings() {
    return [this.ref, ...this.position.devices.map((device) => device.id)];
  }
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

class BarTerminalPlaceView extends LazyPlace implements BarTerminalPlace {
  declare readonly terminal: BarTerminalView;
  constructor(terminal: BarTerminalView) {
    super(
      terminal.ref,
      (terminal.bar.kind === 'ground' ? order.ground : order.neutral) + terminal.number,
    );
    this.terminal = terminal;
  }
  protected labelled() {
    return `${barWord(this.terminal.bar)} ${this.terminal.number}`;
  }
  protected relatedThings() {
    return [this.ref, ...this.terminal.conductors.map((conductor) => conductor.id)];
  }
}

/** Screws that hold a conductor. */
function barTerminalPlaces(panel: PanelView): BarTerminalPlace[] {
  const places: BarTerminalPlace[] = [];
  for (const bar of panel.bars)
    for (const terminal of bar.terminals)
      if (terminal.conductors.length > 0) places.push(new BarTerminalPlaceView(terminal));
  return places;
}

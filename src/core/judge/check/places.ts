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

/** Lists of places as they are asked for: a rule by itself asks for few. */
export const panelPlaces = (panel: PanelView): PanelPlaces => new PanelPlaceLists(panel);

class PanelPlaceLists implements PanelPlaces {
  private readonly lists: Partial<Record<keyof PanelPlaces, readonly Place[]>> = {};
  constructor(private readonly panel: PanelView) {}

  private once<P extends Place>(name: keyof PanelPlaces, make: () => readonly P[]): readonly P[] {
    return (this.lists[name] ??= make()) as readonly P[];
  }
  private get mains(): readonly DeviceView[] {
    return this.panel.main ? [this.panel.main] : [];
  }
  private terminalsOf(held: readonly DeviceView[]): TerminalPlace[] {
    const places: TerminalPlace[] = [];
    for (const { terminals } of held)
      for (const terminal of terminals) places.push(new TerminalPlaceView(this.panel, terminal));
    return places;
  }

  get positions() {
    const { panel } = this;
    return this.once('positions', () =>
      panel.positions.map((position) => new PositionPlaceView(position)),
    );
  }
  get devices() {
    const { panel } = this;
    return this.once('devices', () =>
      panel.devices.map((device) => new DevicePlaceView(panel, device)),
    );
  }
  get allDevices() {
    const { panel, mains } = this;
    return this.once<DevicePlace>('allDevices', () => [
      ...[...mains, ...panel.pullOuts].map((device) => new DevicePlaceView(panel, device)),
      ...this.devices,
    ]);
  }
  get terminals() {
    return this.once('terminals', () => this.terminalsOf(this.panel.devices));
  }
  get pullOutTerminals() {
    return this.once('pullOutTerminals', () => this.terminalsOf(this.panel.pullOuts));
  }
  get mainTerminals() {
    return this.once('mainTerminals', () => this.terminalsOf(this.mains));
  }
  get poles() {
    return this.once('poles', () => polesOf(this.panel, this.panel.devices));
  }
  get pullOutPoles() {
    return this.once('pullOutPoles', () => polesOf(this.panel, this.panel.pullOuts));
  }
  get mainPoles() {
    return this.once('mainPoles', () => polesOf(this.panel, this.mains));
  }
  get bars() {
    const { panel } = this;
    return this.once('bars', () => [...barPlaces(panel, 'neutral'), ...barPlaces(panel, 'ground')]);
  }
  get barTerminals() {
    return this.once('barTerminals', () => barTerminalPlaces(this.panel));
  }
  get conductors() {
    const { panel } = this;
    return this.once('conductors', () =>
      panel.conductors.map((conductor, index) => new ConductorPlaceView(panel, conductor, index)),
    );
  }
  get cables() {
    return this.once('cables', () => cablePlaces(this.panel));
  }
  get circuits() {
    const { panel } = this;
    return this.once('circuits', () =>
      panel.circuits.map((circuit, index) => {
        const terminals = circuit.terminals.flatMap((ref) => panel.terminals.get(ref) ?? []);
        return new CircuitPlaceView(circuit, terminals, index);
      }),
    );
  }
  get multiwires() {
    return this.once('multiwires', () =>
      this.panel.multiwires.map((group, index) => new MultiwirePlaceView(group, index)),
    );
  }
  get lugs() {
    return this.once('lugs', () => lugPlaces(this.panel));
  }
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

import type { Fact } from '../entries/inspection';
import type { PropertyValue } from '../entries/properties';
import type { Column, Numbering } from './numbering';
import type { Leg } from './legs';

/** The panel as recorded, put together for rules, drawing and report. Nothing in it is assumed. */
export interface PanelView {
  id: string;
  building: string;
  name: string;
  /** Undefined: not recorded, so no position can be drawn. */
  rows: number | undefined;
  numbering: Numbering;
  main: DeviceView | undefined;
  positions: PositionView[];
  devices: DeviceView[];
  /** Terminals of the breakers by their reference. */
  terminals: ReadonlyMap<string, TerminalView>;
  bars: BarView[];
  conductors: ConductorView[];
  cables: CableView[];
  circuits: CircuitView[];
  multiwires: MultiwireView[];
  /** First disconnect, downstream of it, or not known; with the fact it follows from. */
  supply: { place: 'first-disconnect' | 'downstream' | 'unknown'; fact: Fact | undefined };
  outOfRange: { about: string; reason: string }[];
}

export interface PositionView {
  ref: string;
  column: Column;
  row: number;
  number: number;
  leg: Leg;
  devices: DeviceView[];
  opening: Fact<PropertyValue<'opening'>> | undefined;
}

export interface DeviceView {
  id: string;
  isMain: boolean;
  form: 'single-pole' | 'two-pole' | 'tandem';
  column: Column;
  row: number;
  /** Rows it takes. */
  height: 1 | 2;
  /** As printed: 7, 9+11. */
  label: string;
  /** Position of its first printed number, for ordering. */
  number: number;
  terminals: TerminalView[];
}

export interface TerminalView {
  ref: string;
  device: DeviceView;
  /** 1 for the first. */
  index: number;
  /** 7, 9+11 second pole as 11, tandem halves 13a and 13b. */
  label: string;
  leg: Leg;
  ratingA: Fact<PropertyValue<'handleRatingsA'>> | undefined;
  /** Rating of the handle over this terminal, A. */
  handleA: number | undefined;
  conductors: ConductorView[];
  circuit: CircuitView | undefined;
}

export interface BarView {
  id: string;
  kind: 'neutral' | 'ground' | undefined;
  side: 'left' | 'right';
  /** Undefined: not counted. */
  count: number | undefined;
  terminals: BarTerminalView[];
  /** Conductors recorded on it. */
  landed: number;
}

export interface BarTerminalView {
  ref: string;
  bar: BarView;
  number: number;
  conductors: ConductorView[];
}

export interface ConductorView {
  id: string;
  function: Fact<PropertyValue<'function'>> | undefined;
  size: Fact<PropertyValue<'size'>> | undefined;
  metal: Fact<PropertyValue<'metal'>> | undefined;
  colour: Fact<PropertyValue<'colour'>> | undefined;
  landsOn: Fact<PropertyValue<'landsOn'>> | undefined;
  cable: CableView | undefined;
}

export interface CableView {
  id: string;
  kind: Fact<PropertyValue<'cableKind'>> | undefined;
  jacket: PropertyValue<'jacket'> | undefined;
  side: PropertyValue<'side'> | undefined;
  edge: PropertyValue<'edge'> | undefined;
}

export interface LoadView {
  id: string;
  kind: Fact<PropertyValue<'loadKind'>> | undefined;
}

export interface CircuitView {
  id: string;
  name: string | undefined;
  terminals: string[];
  loads: LoadView[];
}

export interface MultiwireView {
  id: string;
  hots: TerminalView[];
  fact: Fact | undefined;
  neutral: ConductorView | undefined;
}

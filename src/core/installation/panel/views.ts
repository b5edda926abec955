import type { Fact } from '../../record/entries/inspection';
import type { PlaceInSupply } from '../supply/tree';
import type { PropertyValue } from '../../record/entries/properties';
import type { FormName } from '../../vocabulary/device-forms';
import type { Column, Layout } from '../../vocabulary/numbering';
import type { Leg, LegPattern, SystemName } from '../../vocabulary/system';

/** The panel as recorded, put together for rules, drawing and report. Nothing in it is assumed. */
export interface PanelView {
  id: string;
  building: string;
  name: string;
  kind: PropertyValue<'panelKind'>;
  mainKind: PropertyValue<'mainKind'> | undefined;
  /** Undefined: not recorded, so no position can be drawn. */
  rows: number | undefined;
  /** What the printed numbers follow from; no rows where they were not recorded. */
  layout: Layout;
  /** Voltage system, its own or that of the service; split-phase where neither was recorded. */
  system: SystemName;
  /** Whether the system was recorded; a rule that turns on it asks for it otherwise. */
  systemRead: boolean;
  legPattern: LegPattern;
  orientation: PropertyValue<'orientation'>;
  /** Of a split-bus panel: rows of the section whose throws are the mains. */
  upperRows: number | undefined;
  lowerFedBy: DeviceView | undefined;
  main: DeviceView | undefined;
  /** Pull-out blocks beside the main of a fuse panel. */
  pullOuts: DeviceView[];
  positions: PositionView[];
  devices: DeviceView[];
  /** Terminals of the breakers by their reference. */
  terminals: ReadonlyMap<string, TerminalView>;
  bars: BarView[];
  knockouts: string[];
  conductors: ConductorView[];
  cables: CableView[];
  circuits: CircuitView[];
  multiwires: MultiwireView[];
  /** First disconnect, downstream of it, or not known; with the fact it follows from. */
  supply: PlaceInSupply;
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
  /** In the main's compartment, in a block beside it, or on positions. */
  stands: 'main' | 'pull-out' | 'position';
  isMain: boolean;
  form: FormName;
  column: Column;
  row: number;
  /** Of a half-width one. */
  half: 'upper' | 'lower' | undefined;
  /** Rows it takes. */
  height: 1 | 2 | 3;
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
  /** Row it lies in, from 1; the part of that row for halves. */
  row: number;
  half: 'upper' | 'lower' | undefined;
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
  /** A neutral bar that takes the grounds too. */
  forBoth: boolean;
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
  insulation: PropertyValue<'insulationKind'> | undefined;
  landsOn: Fact<PropertyValue<'landsOn'>> | undefined;
  /** The conductor that goes on beyond a joint in the panel. */
  splicedTo: string | undefined;
  cable: CableView | undefined;
}

export interface CableView {
  id: string;
  kind: Fact<PropertyValue<'cableKind'>> | undefined;
  jacket: PropertyValue<'jacket'> | undefined;
  side: PropertyValue<'side'> | undefined;
  edge: PropertyValue<'edge'> | undefined;
  /** Number of the bundle it runs in; 0 for none. */
  bundle: number | undefined;
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

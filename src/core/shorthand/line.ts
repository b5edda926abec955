import type { PropertyValue } from '../entries/properties';
import type { Metal, Size } from '../yardstick/size';

/** What one line of shorthand says. */
export type Line = PositionLine | MainLine | PanelLine;

export interface Wire {
  size: Size;
  metal: Metal;
  colour?: PropertyValue<'colour'>;
  remarked?: boolean;
}

/** A screw of the first neutral or ground bar. */
export interface BarScrew {
  bar: 'neutral' | 'ground';
  number: number;
}

export interface PositionLine {
  kind: 'position';
  /** Printed numbers: one, or the two of a two-pole breaker. */
  positions: number[];
  opening?: PropertyValue<'opening'>;
  liveMetal?: boolean;
  form?: PropertyValue<'form'>;
  ratingsA?: number[];
  /** Wires of each screw, in order. */
  wires?: Wire[][];
  /** There may be more than these wires: none is taken off, and none is counted that was not. */
  maybeMore?: boolean;
  cableKind?: PropertyValue<'cableKind'>;
  neutral?: BarScrew;
  ground?: BarScrew;
  sharesWith?: number;
  takes?: 1 | 2;
  maker?: string;
  breakerType?: string;
  tie?: PropertyValue<'tie'>;
  load?: {
    loadKind?: PropertyValue<'loadKind'>;
    minimumCircuitAmpacityA?: number;
    maximumOvercurrentA?: number;
    fullLoadA?: number;
    fuseOnly?: boolean;
  };
  marks: Mark[];
  /** One name for each circuit. */
  names: string[];
}

export type Mark = 'heat' | 'melted' | 'loose' | 'falls' | 'arc' | 'damp' | 'burned';

export interface MainLine {
  kind: 'main';
  ratingA: number;
  maker?: string;
}

export interface PanelLine {
  kind: 'panel';
  bond?: PropertyValue<'bond'>;
  depthMm?: number;
}

/** A piece of the line and how it was read. Columns count from 0. */
export interface Token {
  start: number;
  end: number;
  text: string;
  reading: string;
}

export interface LineFault {
  start: number;
  end: number;
  message: string;
}

export interface ParsedLine {
  tokens: Token[];
  line: Line | undefined;
  faults: LineFault[];
}

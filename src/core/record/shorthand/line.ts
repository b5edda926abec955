import type { Facts, PropertyValue } from '../entries/properties';
import type { ConductorMetal, PowerSize, Size } from '../../vocabulary/size';

/** What one line of shorthand says. */
export type Line = PositionLine | MainLine | BarLine | PanelLine | FedLine | NoteLine;

export interface Wire {
  size: Size;
  metal: ConductorMetal;
  colour?: PropertyValue<'colour'>;
  remarked?: boolean;
}

/** A screw of a neutral or ground bar; of several bars of a kind the nth. */
export interface BarScrew {
  bar: 'neutral' | 'ground';
  nth?: number;
  number: number;
}

/** Moved, taken out, replaced by what the line says, or never there. */
export type Becomes =
  | { kind: 'moved'; to: number; half?: 'upper' | 'lower' }
  | { kind: 'out' }
  | { kind: 'new' }
  | { kind: 'never' };

export interface PositionLine {
  kind: 'position';
  /** Printed numbers: one, or those of each pole. */
  positions: number[];
  /** Of a half-width breaker. */
  half?: 'upper' | 'lower';
  /** What becomes of the device recorded there. */
  becomes?: Becomes;
  opening?: PropertyValue<'opening'>;
  liveMetal?: boolean;
  form?: PropertyValue<'form'>;
  ratingsA?: number[];
  /** Wires of each screw, in order. */
  wires?: Wire[][];
  /** There may be more than these wires: none is taken off, and none is counted that was not. */
  maybeMore?: boolean;
  cableKind?: PropertyValue<'cableKind'>;
  jacket?: PropertyValue<'jacket'>;
  edge?: PropertyValue<'edge'>;
  side?: PropertyValue<'side'>;
  /** Screws of the neutrals: of each circuit, those of its cables. */
  neutrals?: BarScrew[][];
  grounds?: BarScrew[][];
  sharesWith?: number;
  /** Its hots come in one cable of three wires with those it shares a neutral with. */
  oneCable?: boolean;
  takes?: 1 | 2;
  maker?: string;
  breakerType?: string;
  protection?: PropertyValue<'protection'>;
  tie?: PropertyValue<'tie'>;
  fuseBase?: PropertyValue<'fuseBase'>;
  insertA?: number;
  year?: number;
  remark?: string;
  load?: {
    loadKind?: PropertyValue<'loadKind'>;
    minimumCircuitAmpacityA?: number;
    maximumOvercurrentA?: number;
    fullLoadA?: number;
    listedW?: number;
    fuseOnly?: boolean;
  };
  marks: Mark[];
  /** One name for each circuit. */
  names: string[];
}

/** What was noticed at the place. */
export const marks = {
  heat: { words: 'heat mark', facts: { heatMark: true } },
  melted: { words: 'melted or charred', facts: { melted: true } },
  loose: { words: 'loose', facts: { tightness: 'loose' } },
  falls: { words: 'falls off when touched', facts: { tightness: 'falls-off' } },
  arc: { words: 'arcing', facts: { arcing: true } },
  damp: { words: 'moisture or corrosion', facts: { moisture: true } },
  altered: { words: 'altered', facts: { altered: true } },
  off: { words: 'found off', facts: { handleState: 'off' } },
  tripped: { words: 'found tripped', facts: { handleState: 'tripped' } },
  cracked: { words: 'cracked', facts: { wear: 'cracked' } },
  hot: { words: 'hot to touch', facts: { wear: 'hot' } },
  fails: { words: 'fails when tested', facts: { wear: 'fails-test' } },
} as const satisfies Record<string, { words: string; facts: Facts }>;
export type Mark = keyof typeof marks | 'burned' | 'bright';

export interface MainLine {
  kind: 'main';
  ratingA: number;
  form?: 'three-pole' | 'pull-out';
  maker?: string;
  /** Of a block beside the main. */
  pullOut?: 1 | 2 | 3;
  wires?: Wire[][];
  name?: string;
}

export interface BarLine {
  kind: 'bar';
  bar: 'neutral' | 'ground';
  nth?: number;
  screws?: number;
  side?: 'left' | 'right';
  /** Everything on it, all told. */
  holds?: number;
  /** Thinnest and thickest conductor a screw of it takes, by the label. */
  takes?: { from: PowerSize; to: PowerSize };
}

export interface PanelLine {
  kind: 'panel';
  facts: Facts;
  certainty?: 'measured' | 'told';
}

/** What the panel hangs on: the only thing of its kind, or a breaker of another panel. */
export interface FedLine {
  kind: 'fed';
  from: 'service' | 'meter' | 'disconnect';
}

export interface NoteLine {
  kind: 'note';
  words: string;
}

/** A piece of the line and how it was read. Columns count from 0. */
export interface Token {
  start: number;
  end: number;
  text: string;
  meaning: string;
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
  /** Words that became part of the name, and may have been meant otherwise: to be asked about. */
  asks?: LineFault[];
}

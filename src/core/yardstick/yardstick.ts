import type { Metal, Size } from './size';

/** Where a figure comes from. `code` names an article of the yardstick; other sources in words. */
export interface Source {
  code: string;
  says: string;
}

/** A limit in its source's own unit with the metric twin; meeting either passes. */
export interface LengthLimit {
  value: number;
  unit: 'ft' | 'in';
  mm: number;
  source: Source;
}

export type AmpacityColumn = 60 | 75 | 90;

/** Tables, years and wording of one standard and edition: data that another can be laid over. */
export interface Yardstick {
  id: string;
  title: string;
  /** A, not more than three current-carrying conductors, 30 °C ambient. null = no figure. */
  ampacityA: Record<Metal, Record<Size, Record<AmpacityColumn, number> | null>>;
  /** Largest overcurrent device for small conductors, A. */
  smallConductorA: Partial<Record<Metal, Partial<Record<Size, number>>>>;
  /** Standard ratings of overcurrent devices, A, ascending. */
  standardRatingsA: readonly number[];
  /** Next larger standard rating is allowed up to this, A. */
  nextSizeUpToA: number;
  /** Terminals of devices up to this rating count as 60 °C unless both ends are marked, A. */
  cool60UpToA: number;
  workingDepth: LengthLimit;
  /** Breaker ÷ conductor ampacity that no air-conditioner nameplate can make right. */
  airConditionerLimit: number;
  motorConductor: number;
  motorDevice: number;
  sources: Record<
    | 'ampacity'
    | 'smallConductor'
    | 'nextSizeUp'
    | 'terminals'
    | 'standardRatings'
    | 'airConditioner'
    | 'motor',
    Source
  >;
}

import type { Grade } from '../../../vocabulary/grade';
import type { Point, Shape } from '../../drawing/shapes';
import type { Audience } from '../audience';
import type { Block } from './block';

/** A numbered mark of the report with its leader to the place. */
export interface Balloon {
  number: number;
  /** Of a place among several of one number. */
  letter?: string;
  grade: Grade;
  side: 'left' | 'right';
  /** Centre of the plate. */
  at: Point;
  to: Point;
  /** Words outside, one line each. */
  lines: string[];
}

/** A panel as it is drawn in a report: shapes in inches, numbered marks, and what is told beside it. */
export interface DrawnPanel {
  name: string;
  width: number;
  height: number;
  shapes: Shape[];
  marks: Balloon[];
  /** Findings of this panel that have no place on it: number, place and words. */
  elsewhere: { number: number; letter?: string; says: string }[];
  /** Undefined where how many positions it has was not recorded: it is not drawn. */
  drawn: boolean;
}

/** Panels as they are drawn, by the panel's id. */
export type Drawings = Readonly<Record<string, DrawnPanel>>;

/** What one reader is shown: blocks, and the drawings they name. */
export interface Sheet {
  blocks: readonly Block[];
  drawings: Drawings;
}

/** What a report tells each of its readers, as it is sealed: an issued report shows this and nothing else. */
export interface SealedText {
  blocks: Readonly<Record<Audience, readonly Block[]>>;
  drawings: Drawings;
}

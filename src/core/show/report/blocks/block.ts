import type { Grade } from '../../../vocabulary/grade';
import type { WhyHere } from '../../../model/simulation/explain';

/** A stretch of words of one weight. */
export interface Run {
  text: string;
  weight?: 'strong' | 'quiet';
  /** The block it leads to, by its id. */
  to?: string;
}
export type Words = readonly Run[];

/** What a photo shows, numbered, with its pin. The picture is found by its digest. */
export interface PhotoOnSheet {
  number: number;
  digest: string;
  width: number;
  height: number;
  alt: string;
  caption: string;
  pin: { x: number; y: number } | undefined;
}

/** A picture of the office’s own, found by its digest. */
export interface Logo {
  digest: string;
  width: number;
  height: number;
  alt: string;
}

/**
 * A piece of the report as it is read. Plain JSON, in the order it is told: whoever draws it adds no
 * word, order or condition of its own.
 */
export type Block =
  | { kind: 'heading'; level: 1 | 2 | 3; text: string; id?: string; grade?: Grade }
  /** lead: what it all comes to; alarm: stands above everything. */
  | { kind: 'paragraph'; words: Words; style?: 'lead' | 'alarm' }
  /** Terms, and what is said of each. */
  | { kind: 'items'; items: readonly Item[] }
  | { kind: 'list'; lines: readonly Line[]; counted?: boolean }
  | Table
  /** A panel with numbered marks, by the name it is drawn under. */
  | { kind: 'drawing'; of: string }
  | { kind: 'photos'; photos: readonly PhotoOnSheet[] }
  /** Of the office: its picture, and lines beside it. */
  | { kind: 'letterhead'; office: string; lines: readonly string[]; logo?: Logo }
  /** Stands out, for a danger. */
  | { kind: 'callout'; blocks: readonly Block[] }
  /** Stays together on a page where it fits on one. */
  | { kind: 'keep'; blocks: readonly Block[]; id?: string }
  /** Begins a page of its own. */
  | { kind: 'page'; blocks: readonly Block[] }
  /** Side by side where there is room, else one after the other. */
  | { kind: 'beside'; first: readonly Block[]; second: readonly Block[] }
  /** Folded on a screen until it is asked for; open on paper. */
  | { kind: 'fold'; title: string; open: boolean; blocks: readonly Block[] };

export interface Item {
  term: string;
  words: Words;
  /** The small drawing of what flows in this house. */
  figure?: WhyHere;
}

export interface Line {
  grade?: Grade;
  words: Words;
}

/** Rows of words. Shares are of the width; columns named in `whole` are never parted. */
export interface Table {
  kind: 'table';
  label: string;
  columns: readonly { title: string; share: number; whole?: true }[];
  rows: readonly (readonly string[])[];
}

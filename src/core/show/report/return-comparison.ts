import type { PropertyValue } from '../../record/entries/properties';
import type { Grade } from '../../vocabulary/grade';

/** What the rules now say of an item of an issued report. */
export type ItemNow = 'mended' | 'still-found' | 'changed' | 'not-seen' | 'gone' | 'otherwise';

/** One finding of the report a return visit starts from, and what became of it. */
export interface ReturnItem {
  key: string;
  number: number;
  /** Of a place among several of one number. */
  letter?: string;
  title: string;
  place: string;
  panel: string;
  ref: string;
  before: { grade: Grade; short: string };
  now: ItemNow;
  nowWords: string;
  /** As the inspector ticked it; the rules decide. */
  tick: PropertyValue<'returnTick'> | undefined;
  words: string | undefined;
  /** The tick says one thing, the rules another. */
  disagrees: string | undefined;
}

export interface ReturnComparison {
  items: ReturnItem[];
  /** Found now, not in the report. */
  fresh: { key: string; title: string; place: string; grade: Grade; short: string }[];
  open: number;
}

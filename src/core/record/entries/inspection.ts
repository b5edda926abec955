import type { Certainty, Entry, Json } from './entry';
import type { ThingType } from './thing-types';

/** One recorded value and where it came from. */
export interface Fact<T = Json> {
  about: string;
  property: string;
  value: T;
  certainty: Certainty;
  entry: string;
  author: string;
  at: string;
}

/** A thing somebody declared. */
export interface Thing {
  id: string;
  type: ThingType;
  in: string | null;
  entry: string;
}

/** An entry, or one fact of it, that could not be placed. It is kept and shown. */
export interface Unplaced {
  entry: string;
  property?: string;
  about: string;
  reason: string;
}

/** Values of one property that contradict each other; none has replaced the other. */
export interface Conflict {
  about: string;
  property: string;
  facts: readonly Fact[];
}

/** What the entries say, all of them together. The same for any order and repetition. */
export interface Inspection {
  things: Map<string, Thing>;
  /** By thing or part, then property: the values standing, in the order of their entries. */
  facts: ReadonlyMap<string, ReadonlyMap<string, readonly Fact[]>>;
  /** Every property that was ever recorded of anything. */
  recorded: ReadonlySet<string>;
  unplaced: Unplaced[];
  conflicts: Conflict[];
}

/** An entry with whether it counts, for the history. */
export interface HistoryItem {
  entry: Entry;
  undone: boolean;
}

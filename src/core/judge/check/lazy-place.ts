import type { Place } from './place';

/** A place whose words are put together when somebody reads them; most places are never read. */
export abstract class LazyPlace implements Place {
  // Declared, not defined: a defined field costs more than the rest of the object.
  declare readonly ref: string;
  declare readonly order: number;
  declare private words: string | undefined;
  declare private things: readonly string[] | undefined;
  constructor(ref: string, order: number) {
    this.ref = ref;
    this.order = order;
    this.words = undefined;
    this.things = undefined;
  }
  get label(): string {
    return (this.words ??= this.labelled());
  }
  set label(words: string) {
    this.words = words;
  }
  get related(): readonly string[] {
    return (this.things ??= this.relatedThings());
  }
  set related(things: readonly string[]) {
    this.things = things;
  }
  protected abstract labelled(): string;
  protected abstract relatedThings(): string[];
}

/**
 * The same place under other words or with more said of it: a copy, because an object others are derived
 * from is slow to read.
 */
export const placeWith = <P extends Place, M extends object>(place: P, more: M): P & M =>
  Object.assign(Object.create(Object.getPrototypeOf(place) as object | null), place, more) as P & M;

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
  get related(): readonly string[] {
    return (this.things ??= this.relatedThings());
  }
  protected abstract labelled(): string;
  protected abstract relatedThings(): string[];
}

/** The same place under other words or with more said of it. */
export const placeWith = <P extends Place, M extends object>(place: P, more: M): P & M => {
  const same = Object.create(place) as P;
  for (const [name, value] of Object.entries(more))
    Object.defineProperty(same, name, { value, enumerable: true });
  return same as P & M;
};

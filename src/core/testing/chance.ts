import { randomInt, randomLcg } from 'd3-random';

/** Chance that comes out the same from the same seed. */
export interface Chance {
  /** A whole number from 0, below this. */
  upTo(most: number): number;
  /** From 0, below 1. */
  random(): number;
  oneOf<T>(list: readonly T[]): T;
}

export function chanceOf(seed: number): Chance {
  // Neighbouring seeds lie far apart by the golden ratio.
  const random = randomLcg((seed * 0.618_033_988_749_895) % 1);
  const upTo = (most: number) => randomInt.source(random)(most)();
  return { random, upTo, oneOf: (list) => list[upTo(list.length)]! };
}

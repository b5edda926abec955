import type { Leg } from '../panel/system';

/**
 * Current in a neutral shared on a split-phase system, A: legs subtract, one leg adds.
 * @example 14 A on A and 9 A on B: 5. Both on A: 23.
 */
export function neutralAmps(currents: readonly { leg: Leg; amps: number }[]): number {
  const sum = (leg: Leg) =>
    currents.filter((one) => one.leg === leg).reduce((total, one) => total + one.amps, 0);
  return Math.abs(sum('A') - sum('B'));
}

import type { Leg, SystemName } from '../../vocabulary/system';

/**
 * Current in a neutral shared by these loads, A. Two legs of one phase subtract; legs of a wye, two or
 * three, by √(A²+B²+C²−AB−BC−CA); of a high-leg delta A and C are the two legs of the neutral. On one
 * leg currents add.
 * @example split-phase, 14 A on A and 9 A on B: 5. Both on A: 23.
 * @example 208Y/120, 10 A on A and on B: 10.
 */
export function neutralAmps(
  currents: readonly { leg: Leg; amps: number }[],
  system: SystemName,
): number {
  const sum = (leg: Leg) =>
    currents.filter((one) => one.leg === leg).reduce((total, one) => total + one.amps, 0);
  const [a, b, c] = [sum('A'), sum('B'), sum('C')];
  switch (system) {
    case 'split-phase':
      return Math.abs(a - b);
    case 'high-leg-delta':
      return Math.abs(a - c);
    default:
      return Math.sqrt(Math.max(0, a * a + b * b + c * c - a * b - b * c - c * a));
  }
}

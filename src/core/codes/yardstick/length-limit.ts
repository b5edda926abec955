import type { Length } from '../../vocabulary/lengths';
import { mmOf } from '../../vocabulary/lengths';
import type { LengthLimit } from './yardstick';

/**
 * Whether a length reaches the limit in the source's unit or in its metric twin; either passes.
 * @example 8 ft is 2438.4 mm and meets 8 ft (2440 mm).
 */
export const meets = (length: Length, { value, unit, mm }: LengthLimit) =>
  mmOf(length) >= Math.min(mmOf({ value, unit }), mm);

/** Whether a length stays within a limit that is the most, in either unit. */
export const within = (length: Length, { value, unit, mm }: LengthLimit) =>
  mmOf(length) <= Math.max(mmOf({ value, unit }), mm);

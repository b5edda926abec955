import type { Length } from '../../vocabulary/lengths';
import { mmOf } from '../../vocabulary/lengths';

/** Millimetres of a length, where one was recorded. */
export const lengthMm = (length: Length | undefined): number | undefined =>
  length === undefined ? undefined : mmOf(length);

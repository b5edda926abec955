import type { Condition } from './remedy';

/** It holds, by what is recorded. */
export const met = (says: string): Condition => ({ state: 'met', says });
/** It does not hold: the way is never chosen, and this is said. */
export const notMet = (says: string): Condition => ({ state: 'not-met', says });
/** Nobody recorded it: the way may be chosen, headed by the look that settles it. */
export const notKnown = (says: string, look: string): Condition => ({
  state: 'not-known',
  says,
  look,
});

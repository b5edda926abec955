import type { Remedy, Way } from '../remedy';
import type { Situation } from '../situation';

export type Ways = NonNullable<Remedy['ways']>;

/** The one way a remedy is done here. */
export const one = (
  here: Situation,
  apply: Way['apply'],
  more: Partial<Omit<Way, 'apply'>> = {},
): Way[] => [{ key: '', says: here.remedy.words, conditions: [], apply, ...more }];

import type { Way } from '../remedy';
import type { PanelSituation } from '../situation';

/** The one way a remedy is done to a whole panel. */
export const whole = (
  at: PanelSituation,
  apply: Way['apply'],
  more: Partial<Omit<Way, 'apply'>> = {},
): Way[] => [{ key: '', says: at.remedy.words, conditions: [], apply, ...more }];

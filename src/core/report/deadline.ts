import type { Grade } from '../grading/grade';
import type { Settings } from '../settings/settings';
import { dayWords, daysAfter } from './dates';

/** When a finding of this grade is to be dealt with. */
export function deadlineWords(grade: Grade, settings: Settings, asOf: string | undefined): string {
  if (grade === 'danger') return 'today';
  if (grade === 'note') return 'on record';
  const days = settings.deadlineDays[grade];
  return asOf ? `by ${dayWords(daysAfter(asOf, days))}` : `within ${days} days`;
}

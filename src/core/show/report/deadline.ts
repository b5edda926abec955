import type { Finding } from '../../judge/grading/finding';
import type { Grade } from '../../vocabulary/grade';
import type { Settings } from '../../codes/settings/settings';
import type { DateStyle } from '../../codes/settings/letterhead';
import { dayWords, daysAfter } from './dates';

/** Day by which a finding is to be dealt with, YYYY-MM-DD; none for what is only on record. */
export function dueOn(
  { grade, due }: Pick<Finding, 'grade' | 'due'>,
  settings: Settings,
  asOf: string | undefined,
): string | undefined {
  if (due) return due.on;
  if (!asOf || grade === 'note') return undefined;
  return grade === 'danger' ? asOf : daysAfter(asOf, settings.deadlineDays[grade]);
}

/** When a finding of this grade is to be dealt with. */
export function deadlineWords(
  grade: Grade,
  settings: Settings,
  asOf: string | undefined,
  dates?: DateStyle,
): string {
  if (grade === 'danger') return 'today';
  if (grade === 'note') return 'on record';
  const days = settings.deadlineDays[grade];
  return asOf ? `by ${dayWords(daysAfter(asOf, days), dates)}` : `within ${days} days`;
}

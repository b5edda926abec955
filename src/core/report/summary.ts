import { capital, listed } from '../panel/words';
import type { Assessment } from '../assess';
import type { Grade } from '../grading/grade';

const numberWords = [
  'No',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
];
const numberWord = (count: number) => numberWords[count] ?? String(count);
const things = (count: number) => (count === 1 ? 'thing' : 'things');
const repairs = (count: number) => (count === 1 ? 'repair' : 'repairs');

/** Three sentences a layman can act on. Never says that all is well where something was not seen. */
export function summarise({ findings, coverage, settings }: Assessment): string[] {
  const count = (grade: Grade) => findings.filter((finding) => finding.grade === grade).length;
  const [danger, urgent, repair] = [count('danger'), count('urgent'), count('repair')];
  const rest = findings.length - danger - urgent - repair;
  const { urgent: urgentDays, repair: repairDays } = settings.deadlineDays;
  const first =
    danger > 0
      ? `${numberWord(danger)} ${things(danger)} to make safe today.`
      : 'Nothing was found that is a danger now.';
  const parts = [
    urgent > 0 && `${numberWord(urgent)} ${repairs(urgent)} within ${urgentDays} days`,
    repair > 0 &&
      `${numberWord(repair)} ${urgent > 0 ? 'more' : repairs(repair)} within ${repairDays} days`,
    rest > 0 && `${numberWord(rest)} to plan or note`,
  ].filter((part) => part !== false);
  const second =
    parts.length > 0
      ? `${capital(listed(parts.map((part) => part.charAt(0).toLowerCase() + part.slice(1))))}.`
      : 'No repairs were found to be needed.';
  const seen = coverage.found + coverage.clear;
  const all = seen + coverage.notSeen;
  const third =
    all === 0
      ? 'Nothing was recorded yet, so nothing is known to be fine.'
      : coverage.notSeen > 0
        ? `${seen} of ${all} checks could be made; the rest was not seen, and that does not mean fine.`
        : `All ${all} checks that apply could be made.`;
  return [first, second, third];
}

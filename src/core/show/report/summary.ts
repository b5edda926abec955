import { capital, listed } from '../../vocabulary/phrases';
import type { Assessment } from '../../judge/assess/assess';
import { countByGrade } from '../../judge/grading/items';
import { countsAsMended, mendedSentence } from './mended';
import { tooLittleSeen, unexplained, unexplainedBesides } from './reassurance';

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

/**
 * A few sentences a layman can act on. Never says that all is well where something was told, smelled
 * or felt, where the visit was stopped, or where too little was seen.
 */
export function summarise(assessment: Assessment): string[] {
  const { findings, settings } = assessment;
  const { danger, urgent, repair, plan, note } = countByGrade(findings, settings);
  const rest = plan + note;
  const { urgent: urgentDays, repair: repairDays } = settings.deadlineDays;
  const signs = unexplained(assessment);
  const unsure = assessment.mended.some((one) => !countsAsMended(one));
  const little = tooLittleSeen(assessment) || unsure;
  const { site, reader } = assessment.site;
  const mended = mendedSentence(
    assessment.mended,
    site === undefined ? undefined : reader.value(site, 'visitKind'),
  );
  const first =
    danger > 0
      ? `${numberWord(danger)} ${things(danger)} to make safe today.`
      : signs.length > 0
        ? `Not explained: ${listed([...new Set(signs.map(({ words }) => words))])}. Until it is, treat this as a possible danger.`
        : little
          ? 'Too little was seen to say whether anything here is a danger now.'
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
      : signs.length > 0 || little
        ? 'Too little was seen to say whether repairs are needed.'
        : mended
          ? 'Nothing else was found to need repair.'
          : 'No repairs were found to be needed.';
  const besides = danger > 0 ? unexplainedBesides(assessment) : [];
  const more =
    besides.length > 0
      ? [`Told or noticed besides, and not explained: ${listed([...new Set(besides)])}.`]
      : [];
  return [first, second, ...(mended ? [mended] : []), ...more];
}

/** Where nothing has a date. */
export const nothingToDo = 'Nothing was found that asks for work.';

/** Sentences that reassure: none of them stands beside a danger, a shock told or a stop. */
export const reassuring: readonly string[] = [
  'Nothing was found that is a danger now.',
  'No repairs were found to be needed.',
  'Nothing else was found to need repair.',
  nothingToDo,
];

/** Whether a report says in its summary that nothing needs repair. */
export const reassures = ({ summary }: { summary: readonly string[] }): boolean =>
  summary.includes(reassuring[1]!) || summary.includes(reassuring[2]!);

import type { Likelihood, Severity } from '../../vocabulary/severity';
import type { Grade } from '../../vocabulary/grade';
import { gradeWords } from '../../vocabulary/grade';
import { gradeOf } from '../../judge/grading/matrix';
import type { TraceLine } from '../../judge/grading/finding';

/** What it could do, said as a possibility. */
export const ifItHappens: Readonly<Record<Severity, string>> = {
  1: 'a nuisance',
  2: 'it could damage something, or leave part of the house dark',
  3: 'it could injure, or burn inside the box',
  4: 'it could kill, or burn the house',
};

export const howSoon: Readonly<Record<Likelihood, string>> = {
  1: 'nothing seen here leads to it',
  2: 'not likely soon',
  3: 'likely in time',
  4: 'close',
  5: 'happening now',
};

/** Why harm and likelihood together come to their grade: one sentence for each cell of the matrix. */
const together: Readonly<Record<Severity, readonly [string, string, string, string, string]>> = {
  4: [
    'The harm would be grave, and nothing seen here leads to it: it is planned for, without hurry.',
    'The harm would be grave, and it is not likely soon: it gets weeks, and is not left longer.',
    'A grave harm that is likely in time and not yet beginning gets days.',
    'A grave harm that is close is made safe today.',
    'A grave harm that is happening is made safe today.',
  ],
  3: [
    'Someone could be hurt, and nothing seen here leads to it: it is planned for, without hurry.',
    'Someone could be hurt, not likely soon; it does not get better by itself, so it gets a date.',
    'Someone could be hurt, in time: it is mended before then.',
    'Someone could be hurt, and it is close: it gets days.',
    'Someone could be hurt, and it is happening: it is made safe today.',
  ],
  2: [
    'The harm is to things, and nothing seen here leads to it: it is on record.',
    'The harm is to things, and not likely soon: it is budgeted for.',
    'The harm is to things, in time: it is mended with the next work on the panel.',
    'The harm is to things, and close: it is mended soon, before it costs more.',
    'The harm is to things, and happening: it gets days, before it spreads.',
  ],
  1: [
    'A nuisance at most: it is on record.',
    'A nuisance at most: it is on record.',
    'A nuisance at most, in time: it is on record.',
    'A nuisance, and close: it is put right when somebody works there anyway.',
    'A nuisance that is there already: it is put right when somebody works there anyway.',
  ],
};

interface Graded {
  severity: number;
  likelihood: number;
  grade: Grade;
  trace: readonly TraceLine[];
}

/** Harm beside how soon, and what follows from both; where the grade is another, what made it so. */
export const gradeSentence = (finding: Graded): string =>
  `If it happens: ${ifItHappens[finding.severity as Severity]}. How soon: ${howSoon[finding.likelihood as Likelihood]}. ${whyThisGrade(finding)}`;

/** The sentence that resolves harm and likelihood into the grade. */
export function whyThisGrade({ severity, likelihood, grade, trace }: Graded): string {
  const byMatrix = gradeOf(severity as Severity, likelihood as Likelihood);
  if (byMatrix === grade) return together[severity as Severity][likelihood - 1]!;
  const reason = trace.findLast((line) => line.counted && line.grade === grade);
  return `That alone would be ${gradeWords[byMatrix]}; it is ${gradeWords[grade]}${reason ? `: ${reason.because}` : ''}.`;
}

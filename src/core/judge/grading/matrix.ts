import type { Likelihood, Severity } from '../../vocabulary/severity';
import type { Grade } from '../../vocabulary/grade';

/** Severity 1–4 by likelihood 1–5. */
const matrix: Record<Severity, readonly [Grade, Grade, Grade, Grade, Grade]> = {
  4: ['plan', 'repair', 'urgent', 'danger', 'danger'],
  3: ['plan', 'repair', 'repair', 'urgent', 'danger'],
  2: ['note', 'plan', 'repair', 'repair', 'urgent'],
  1: ['note', 'note', 'note', 'plan', 'plan'],
};

export const gradeOf = (severity: Severity, likelihood: Likelihood): Grade =>
  matrix[severity][likelihood - 1]!;

export const severityWords: Record<Severity, string> = {
  1: 'nuisance',
  2: 'damage to equipment or loss of supply',
  3: 'injury, or fire held inside the enclosure',
  4: 'death, or fire in the building',
};

export const likelihoodWords: Record<Likelihood, string> = {
  1: 'remote',
  2: 'possible',
  3: 'probable in time',
  4: 'close',
  5: 'happening',
};

const severityWeight: Record<Severity, number> = { 1: 1, 2: 3, 3: 10, 4: 30 };
const likelihoodWeight: Record<Likelihood, number> = { 1: 1, 2: 3, 3: 10, 4: 30, 5: 100 };

/** An ordering within a grade, not a probability. */
export const riskPoints = (severity: Severity, likelihood: Likelihood) =>
  severityWeight[severity] * likelihoodWeight[likelihood];

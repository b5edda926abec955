import type { Assessment } from '../judge/assess/assess';

/** What is found, as it is said and graded. */
export const saidOfFindings = ({ findings }: Assessment) =>
  findings.map(({ key, grade, severity, likelihood, trace, absorbed, outcome }) => ({
    key,
    grade,
    severity,
    likelihood,
    trace,
    absorbed: absorbed.map(({ rule, place }) => `${rule.id} ${place.label}`),
    outcome,
  }));

/** What an assessment says, without how it was come by. */
export const said = (assessment: Assessment) => ({
  facts: [...assessment.inspection.facts].map(([about, facts]) => [
    about,
    [...facts].map(([name, all]) => [name, all]),
  ]),
  recorded: [...assessment.inspection.recorded].sort(),
  conflicts: assessment.inspection.conflicts,
  unplaced: assessment.inspection.unplaced,
  findings: saidOfFindings(assessment),
  notSeen: assessment.notSeen.map(({ places, ...line }) => ({
    ...line,
    places: places.map(({ label }) => label),
  })),
  coverage: assessment.coverage,
  verdicts: assessment.verdicts.map(({ rule, place, outcome }) => [
    rule.id,
    place.ref,
    outcome.outcome,
  ]),
});

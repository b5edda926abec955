import type { GlobalRemedy, Problem, ProblemFinding, Residue } from './problem';
import { costOfWork, leavesItBelowUrgent, sameWithin } from './problem';

/** What is done about each finding, and the global remedies that are done. */
export interface Choice {
  globalRemedies: string[];
  /** By finding: a remedy of it, "leave", or "covered by" a global remedy. */
  byFinding: Record<string, string>;
}

export const leave = 'leave';
export const coveredBy = (global: string) => `covered by ${global}`;

/** Of the chosen global remedies that may mend it, the one that leaves least; the first of equal ones. */
export function coverOf(
  finding: ProblemFinding,
  globals: readonly GlobalRemedy[],
): { global: GlobalRemedy; residue: Residue } | undefined {
  let best: { global: GlobalRemedy; residue: Residue } | undefined;
  for (const global of globals) {
    const residue = global.covers[finding.id];
    if (!residue || (finding.mustMend && !leavesItBelowUrgent(residue))) continue;
    if (!best || residue.riskLeftPoints < best.residue.riskLeftPoints - sameWithin)
      best = { global, residue };
  }
  return best;
}

export interface Tally {
  cost: number;
  riskLeft: number;
  /** Room left at the end, by kind. */
  room: Map<string, number>;
}

/** Money, risk and room of a choice, from the figures themselves. */
export function tally(problem: Problem, { globalRemedies, byFinding }: Choice): Tally {
  const globals = problem.globalRemedies.filter(({ id }) => globalRemedies.includes(id));
  const works: (GlobalRemedy | ProblemFinding['remedies'][number])[] = [...globals];
  let riskLeft = 0;
  for (const finding of problem.findings) {
    const what = byFinding[finding.id] ?? leave;
    const remedy = finding.remedies.find(({ id }) => id === what);
    const cover = globals.find(({ id }) => coveredBy(id) === what);
    if (remedy) works.push(remedy);
    riskLeft += (remedy ?? cover?.covers[finding.id])?.riskLeftPoints ?? finding.riskPoints;
  }
  const room = new Map(Object.entries(problem.room));
  for (const { uses, frees } of works) {
    for (const [kind, many] of Object.entries(uses)) room.set(kind, (room.get(kind) ?? 0) - many);
    for (const [kind, many] of Object.entries(frees)) room.set(kind, (room.get(kind) ?? 0) + many);
  }
  const cost =
    works.reduce((sum, work) => sum + costOfWork(work, problem), 0) +
    (works.length > 0 ? problem.callOutFee : 0) +
    (works.some(({ needsUtility }) => needsUtility) ? problem.utilityFee : 0);
  return { cost, riskLeft, room };
}

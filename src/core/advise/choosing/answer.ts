import type { Highs } from 'highs';
import type { Choice } from './choice';
import { front } from './front';
import type { Missing } from './missing';
import { missingIn } from './missing';
import type { Problem } from './problem';
import { sameWithin } from './problem';
import { tiesOf } from './ties';

export interface AnswerPoint {
  cost: number;
  riskLeft: number;
  /** How many choices come to the same; as counted, where the search ended before all were. */
  tied: number;
  tiedAtLeast?: true;
  choices: Choice[];
}

export interface Answer {
  front: AnswerPoint[];
  byRiskLimit: ({ riskLimit: number } & (
    { feasible: true; cost: number; riskLeft: number; choices: Choice[] } | { feasible: false }
  ))[];
  /** Where nothing satisfies it: what it is short of. */
  missing: Missing[];
}

/** The exact front of a problem with all that is tied at each point, and the answer at each risk limit. */
export function answerTo(highs: Highs, problem: Problem): Answer {
  const points = [...front(highs, problem)].map(({ cost, riskLeft, choice }): AnswerPoint => {
    const { tied, choices, atLeast } = tiesOf(problem, { cost, riskLeft });
    return {
      cost,
      riskLeft,
      tied: Math.max(1, tied),
      ...(atLeast && { tiedAtLeast: true }),
      choices: choices.length > 0 ? choices : [choice],
    };
  });
  return {
    front: points,
    byRiskLimit: problem.riskLimits.map((riskLimit) => {
      const at = points.find(({ riskLeft }) => riskLeft <= riskLimit + sameWithin);
      if (!at) return { riskLimit, feasible: false };
      const { cost, riskLeft, choices } = at;
      return { riskLimit, feasible: true, cost, riskLeft, choices };
    }),
    missing: points.length > 0 ? [] : missingIn(highs, problem),
  };
}

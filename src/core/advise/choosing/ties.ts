import type { Choice } from './choice';
import type { GlobalRemedy, Problem } from './problem';
import { costOfWork, sameWithin } from './problem';
import { compatible, kindsIn, netBy, optionsOf, suffixSums } from './search';

/** Most choices that are listed where several come to the same money and risk. */
export const mostTied = 200;
/** Steps of the search after which it ends with what it has. */
const mostSteps = 3_000_000;

export interface Ties {
  tied: number;
  choices: Choice[];
  /** The search ended before every choice was counted. */
  atLeast: boolean;
}

/**
 * Every choice that comes to the same money and risk as a point of the front, in the order of the
 * problem; at most `mostTied` are listed, all are counted.
 */
export function tiesOf(problem: Problem, at: { cost: number; riskLeft: number }): Ties {
  const ties: Ties = { tied: 0, choices: [], atLeast: false };
  const steps = { left: mostSteps };
  for (const globals of compatible(problem.globalRemedies)) {
    const fixed = globals.reduce((sum, one) => sum + costOfWork(one, problem), 0);
    if (fixed > at.cost + sameWithin) continue;
    searchFindings(problem, globals, fixed, at, ties, steps);
    if (steps.left <= 0) return { ...ties, atLeast: true };
  }
  return ties;
}

function searchFindings(
  problem: Problem,
  globals: readonly GlobalRemedy[],
  fixed: number,
  at: { cost: number; riskLeft: number },
  ties: Ties,
  steps: { left: number },
): void {
  const kinds = kindsIn(problem);
  const netOf = netBy(kinds);
  const options = problem.findings.map((finding) => optionsOf(finding, problem, globals, netOf));
  if (options.some((of) => of.length === 0)) return;
  // From each finding on: no completion is below these, in money, in risk, nor in any mixture of both.
  const mixtures = [0, ...[-3, -2, -1, 0, 1, 2, 3].map((power) => 4 ** power), Infinity];
  const least = mixtures.map((weight) =>
    suffixSums(options, (one) => mixed(one.cost, one.risk, weight)),
  );
  const most = mixtures.map((weight) => mixed(at.cost, at.riskLeft, weight) + scaled(weight));
  const leastNet = kinds.map((_, kind) => suffixSums(options, (one) => one.net[kind]!));
  const room = kinds.map(
    (kind, index) =>
      (problem.room[kind] ?? 0) - globals.reduce((sum, one) => sum + netOf(one)[index]!, 0),
  );
  const picked: string[] = [];

  const visit = (
    index: number,
    cost: number,
    risk: number,
    used: number[],
    works: boolean,
    utility: boolean,
  ): void => {
    if ((steps.left -= 1) <= 0) return;
    const paid = cost + (works ? problem.callOutFee : 0) + (utility ? problem.utilityFee : 0);
    if (mixtures.some((weight, k) => mixed(paid, risk, weight) + least[k]![index]! > most[k]!))
      return;
    if (used.some((many, kind) => many + leastNet[kind]![index]! > room[kind]! + sameWithin))
      return;
    if (index === options.length) {
      ties.tied += 1;
      if (ties.choices.length < mostTied)
        ties.choices.push({
          globalRemedies: globals.map(({ id }) => id),
          byFinding: Object.fromEntries(problem.findings.map(({ id }, nth) => [id, picked[nth]!])),
        });
      return;
    }
    for (const one of options[index]!) {
      picked[index] = one.what;
      visit(
        index + 1,
        cost + one.cost,
        risk + one.risk,
        used.map((many, kind) => many + one.net[kind]!),
        works || one.works,
        utility || one.utility,
      );
    }
  };
  const utility = globals.some(({ needsUtility }) => needsUtility);
  visit(
    0,
    fixed,
    0,
    kinds.map(() => 0),
    globals.length > 0,
    utility,
  );
}

/** Money and risk in one figure; 0: money alone, Infinity: risk alone. */
const mixed = (cost: number, risk: number, weight: number) =>
  weight === Infinity ? risk : cost + weight * risk;
const scaled = (weight: number) => sameWithin * (weight === Infinity ? 1 : 1 + weight);

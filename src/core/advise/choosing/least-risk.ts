import type { Choice } from './choice';
import type { Cut } from './cut';
import { choiceName } from './cut';
import type { Problem } from './problem';
import { costOfWork, sameWithin } from './problem';
import { compatible, kindsIn, netBy, optionsOf, suffixSums } from './search';

/** Steps after which the search gives up and leaves it to the solver. */
const mostSteps = 20_000;

/**
 * Of all choices that cost no more than so much the one of least risk, by going over them: quick where
 * little was left to choose. Undefined where it would take too long.
 */
export function leastRiskAt(
  problem: Problem,
  mostCost: number,
  cuts: readonly Cut[],
): Choice | undefined {
  const kinds = kindsIn(problem);
  const netOf = netBy(kinds);
  const least: { choice: Choice | undefined; risk: number } = { choice: undefined, risk: Infinity };
  let steps = mostSteps;
  for (const globals of compatible(problem.globalRemedies)) {
    const fixed = globals.reduce((sum, one) => sum + costOfWork(one, problem), 0);
    if (fixed > mostCost + sameWithin) continue;
    const options = problem.findings.map((finding) => optionsOf(finding, problem, globals, netOf));
    if (options.some((of) => of.length === 0)) continue;
    const leastCost = suffixSums(options, (one) => one.cost);
    const leastRisk = suffixSums(options, (one) => one.risk);
    const leastNet = kinds.map((_, kind) => suffixSums(options, (one) => one.net[kind]!));
    const room = kinds.map(
      (kind, at) =>
        (problem.room[kind] ?? 0) - globals.reduce((sum, one) => sum + netOf(one)[at]!, 0),
    );
    const picked: string[] = [];
    const visit = (
      at: number,
      cost: number,
      risk: number,
      used: readonly number[],
      works: boolean,
      utility: boolean,
    ): void => {
      if ((steps -= 1) <= 0) return;
      const paid = cost + (works ? problem.callOutFee : 0) + (utility ? problem.utilityFee : 0);
      if (paid + leastCost[at]! > mostCost + sameWithin) return;
      if (risk + leastRisk[at]! >= least.risk - sameWithin) return;
      if (used.some((many, kind) => many + leastNet[kind]![at]! > room[kind]! + sameWithin)) return;
      if (at === options.length) {
        const choice: Choice = {
          globalRemedies: globals.map(({ id }) => id),
          byFinding: Object.fromEntries(problem.findings.map(({ id }, nth) => [id, picked[nth]!])),
        };
        if (cuts.some((cut) => forbids(cut, choice))) return;
        Object.assign(least, { choice, risk });
        return;
      }
      for (const one of options[at]!) {
        picked[at] = one.what;
        visit(
          at + 1,
          cost + one.cost,
          risk + one.risk,
          used.map((many, kind) => many + one.net[kind]!),
          works || one.works,
          utility || one.utility,
        );
      }
    };
    visit(
      0,
      fixed,
      0,
      kinds.map(() => 0),
      globals.length > 0,
      globals.some(({ needsUtility }) => needsUtility),
    );
    if (steps <= 0) return undefined;
  }
  return least.choice;
}

/** Whether a choice is one that was sent back. */
function forbids({ together, unless }: Cut, { globalRemedies, byFinding }: Choice): boolean {
  const chosen = new Set([
    ...globalRemedies,
    ...Object.entries(byFinding).map(([finding, what]) => choiceName(finding, what)),
  ]);
  return together.every((name) => chosen.has(name)) && !unless.some((name) => chosen.has(name));
}

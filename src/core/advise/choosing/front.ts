import type { Highs } from 'highs';
import type { Choice } from './choice';
import { leave, tally } from './choice';
import type { Cut } from './cut';
import { mergeIndependent } from './merge';
import { leastRiskAt } from './least-risk';
import { choiceOf, modelOf } from './model';
import { prune } from './prune';
import type { Problem } from './problem';
import { leavesItBelowUrgent, sameWithin } from './problem';
import { minimiserBy } from './solver';

/** Money and risk that no other choice betters in both. */
export interface FrontPoint {
  cost: number;
  riskLeft: number;
  choice: Choice;
}

export interface Sweep {
  cuts?: readonly Cut[];
  /** No more risk than this to begin with. */
  riskLimit?: number;
  /** Without dropping choices that are outdone: the same front, slower. */
  plain?: boolean;
}

/**
 * The whole front, cheapest first, point by point as it is found: the least money, then of all that
 * cost as much the least risk; then again with less risk than that.
 */
export function* front(highs: Highs, whole: Problem, sweep: Sweep = {}): Generator<FrontPoint> {
  const { cuts = [], riskLimit = Infinity, plain = false } = sweep;
  const { problem, expand } = plain
    ? { problem: whole, expand: (choice: Choice) => choice }
    : mergeIndependent(prune(whole, cuts), cuts);
  if (!plain && nothingToSolve(problem, cuts))
    return yield* readOff(whole, problem, expand, riskLimit);
  const model = modelOf(problem, cuts);
  const chosen = (values: ArrayLike<number>) => expand(choiceOf(model, values));
  const costs = model.variables.map(({ cost }) => cost);
  const risks = model.variables.map(({ risk }) => risk);
  const step = stepOf(risks);
  const minimiser = minimiserBy(highs, model);
  const safestAt = (cost: number) => {
    minimiser.bound('cost', cost + sameWithin);
    return minimiser.least(risks);
  };
  try {
    for (let most = riskLimit + sameWithin; ;) {
      minimiser.bound('cost', Infinity);
      minimiser.bound('risk', most);
      const cheapest = minimiser.least(costs);
      if (!cheapest) return;
      const { cost } = tally(whole, chosen(cheapest));
      const searched = plain ? undefined : leastRiskAt(problem, cost, cuts);
      const choice = searched ? expand(searched) : chosen(safestAt(cost) ?? cheapest);
      const found = { ...tally(whole, choice), choice };
      yield { cost: found.cost, riskLeft: found.riskLeft, choice };
      most = found.riskLeft - step;
      if (most < 0) return;
    }
  } finally {
    minimiser.dispose();
  }
}

/** The cheapest of a problem, of the cheapest the least risk; nothing where it cannot be. */
export function cheapest(highs: Highs, problem: Problem, sweep?: Sweep): FrontPoint | undefined {
  const points = front(highs, problem, sweep);
  const { value } = points.next();
  points.return(undefined);
  return value ?? undefined;
}

/** Half of the least difference two sums of these can have, as far as decimals show it. */
function stepOf(amounts: readonly number[]): number {
  for (let places = 0; places <= 4; places += 1) {
    const scale = 10 ** places;
    if (amounts.every((one) => Math.abs(one * scale - Math.round(one * scale)) < 1e-9))
      return 0.5 / scale;
  }
  return 2 * sameWithin;
}

/** Where one finding is left and nothing else, its ways are the front. */
const nothingToSolve = ({ findings, globalRemedies, room }: Problem, cuts: readonly Cut[]) =>
  findings.length <= 1 &&
  globalRemedies.length === 0 &&
  Object.keys(room).length === 0 &&
  cuts.length === 0 &&
  findings.every(({ remedies }) => remedies.every(({ uses }) => Object.keys(uses).length === 0));

function* readOff(
  whole: Problem,
  { findings }: Problem,
  expand: (choice: Choice) => Choice,
  riskLimit: number,
): Generator<FrontPoint> {
  const [finding] = findings;
  const ways: Choice[] = finding
    ? [
        ...(finding.mustMend ? [] : [leave]),
        ...finding.remedies
          .filter((one) => !finding.mustMend || leavesItBelowUrgent(one))
          .map(({ id }) => id),
      ].map((what) => ({ globalRemedies: [], byFinding: { [finding.id]: what } }))
    : [{ globalRemedies: [], byFinding: {} }];
  const points = ways
    .map((way) => {
      const choice = expand(way);
      const { cost, riskLeft } = tally(whole, choice);
      return { cost, riskLeft, choice };
    })
    .filter(({ riskLeft }) => riskLeft <= riskLimit + sameWithin)
    .sort((a, b) =>
      Math.abs(a.cost - b.cost) <= sameWithin ? a.riskLeft - b.riskLeft : a.cost - b.cost,
    );
  let least = Infinity;
  for (const point of points)
    if (point.riskLeft < least - sameWithin) {
      least = point.riskLeft;
      yield point;
    }
}

import type { Highs } from 'highs';
import type { Choice } from './choice';
import { tally } from './choice';
import type { Cut } from './cut';
import { choiceOf, modelOf } from './model';
import { prune } from './prune';
import type { Problem } from './problem';
import { sameWithin } from './problem';
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
  const model = modelOf(plain ? whole : prune(whole, cuts), cuts);
  const costs = model.variables.map(({ cost }) => cost);
  const risks = model.variables.map(({ risk }) => risk);
  const step = stepOf(risks);
  const minimiser = minimiserBy(highs, model);
  try {
    for (let most = riskLimit + sameWithin; ;) {
      minimiser.bound('cost', Infinity);
      minimiser.bound('risk', most);
      const cheapest = minimiser.least(costs);
      if (!cheapest) return;
      const { cost } = tally(whole, choiceOf(model, cheapest));
      minimiser.bound('cost', cost + sameWithin);
      const safest = minimiser.least(risks) ?? cheapest;
      const choice = choiceOf(model, safest);
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

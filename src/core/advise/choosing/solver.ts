import type { Highs, Model as HighsModel } from 'highs';
import type { Model } from './model';

/** What minimises a sum over yes-or-no variables under rows, exactly. */
export interface Minimiser {
  /**
   * Values of the least sum of the weights, or nothing where no values satisfy the rows.
   * @param weights one for each variable
   */
  least(weights: readonly number[]): Float64Array | number[] | undefined;
  /** Bounds a weighted sum from above, from now on; Infinity lifts the bound. */
  bound(what: 'cost' | 'risk', most: number): void;
  /** Gives its memory back. */
  dispose(): void;
}

/**
 * The same by HiGHS, which is synchronous: in a worker, or where nothing else waits.
 * @param whole variables that count, beyond yes and no
 * @throws where the solver ends without an answer
 */
export function minimiserBy(
  highs: Highs,
  { variables, rows }: Pick<Model, 'variables' | 'rows'>,
  whole: ReadonlySet<number> = new Set(),
): Minimiser {
  const model = highs.createModel();
  try {
    model.options.set({
      output_flag: false,
      mip_rel_gap: 0,
      mip_abs_gap: 1e-9,
      mip_feasibility_tolerance: 1e-9,
      primal_feasibility_tolerance: 1e-9,
    });
    variables.forEach((_, at) => {
      model.addVar(0, whole.has(at) ? highs.infinity : 1);
      model.changeColIntegrality(at, highs.constants.variableType.integer);
    });
    const bound = (one: number) =>
      one === Infinity ? highs.infinity : one === -Infinity ? -highs.infinity : one;
    for (const { lower, upper, terms } of rows) addRow(model, bound(lower), bound(upper), terms);
    const sums = { cost: rows.length, risk: rows.length + 1 };
    for (const sum of ['cost', 'risk'] as const)
      addRow(
        model,
        -highs.infinity,
        highs.infinity,
        variables.flatMap((one, at): [number, number][] =>
          one[sum] === 0 ? [] : [[at, one[sum]]],
        ),
      );
    return {
      least(weights) {
        if (variables.length === 0)
          return rows.every(({ lower, upper }) => lower <= 0 && upper >= 0) ? [] : undefined;
        weights.forEach((weight, at) => model.changeColCost(at, weight));
        model.clearSolver();
        model.run();
        const status = model.getModelStatus();
        const { optimal, infeasible } = highs.constants.modelStatus;
        if (status === infeasible) return undefined;
        if (status !== optimal) throw new Error(`the solver ended with status ${status}`);
        return model.getSolution().colValue;
      },
      bound: (what, most) => void model.changeRowBounds(sums[what], -highs.infinity, bound(most)),
      dispose: () => model.dispose(),
    };
  } catch (error) {
    model.dispose();
    throw error;
  }
}

function addRow(
  model: HighsModel,
  lower: number,
  upper: number,
  terms: readonly (readonly [number, number])[],
): void {
  model.addRow(lower, upper, {
    indices: terms.map(([at]) => at),
    values: terms.map(([, coefficient]) => coefficient),
  });
}

import type { Highs } from 'highs';

export type Terms = [variable: number, coefficient: number][];

/** Rows and whole-number variables, solved for one sum after another. */
export class Program {
  private readonly model;
  private many = 0;
  private readonly rows: {
    lower: number;
    upper: number;
    terms: readonly (readonly [number, number])[];
  }[] = [];
  /** False once a row without terms does not hold. */
  private possible = true;

  constructor(private readonly highs: Highs) {
    this.model = highs.createModel();
    this.model.options.set({ output_flag: false, mip_rel_gap: 0, mip_abs_gap: 0.49 });
  }

  /** A whole number from 0, or from that, to this. */
  variable(upper = 1, lower = 0): number {
    this.model.addVar(lower, upper);
    this.model.changeColIntegrality(this.many, this.highs.constants.variableType.integer);
    return this.many++;
  }

  /** lower ≤ Σ coefficient × variable ≤ upper. */
  row(lower: number, upper: number, terms: Terms): void {
    const sums = new Map<number, number>();
    for (const [at, coefficient] of terms) sums.set(at, (sums.get(at) ?? 0) + coefficient);
    if (sums.size === 0) this.possible &&= lower <= 0 && upper >= 0;
    else this.model.addRow(lower, upper, { indices: [...sums.keys()], values: [...sums.values()] });
  }

  /**
   * Values of the least sum, and the sum; nothing where no values satisfy the rows.
   * @param seconds as long as that at most; then the best found so far, if any was.
   * @throws where the solver ends without an answer
   */
  least(terms: Terms, seconds = 3600): { sum: number; values: number[] } | undefined {
    if (!this.possible) return undefined;
    if (this.many === 0) return { sum: 0, values: [] };
    const weights = new Array<number>(this.many).fill(0);
    for (const [at, weight] of terms) weights[at]! += weight;
    weights.forEach((weight, at) => this.model.changeColCost(at, weight));
    this.model.options.set({ time_limit: seconds });
    this.model.clearSolver();
    this.model.run();
    const status = this.model.getModelStatus();
    const { optimal, infeasible, timeLimit } = this.highs.constants.modelStatus;
    if (status === infeasible) return undefined;
    if (status !== optimal && status !== timeLimit)
      throw new Error(`the solver ended with status ${status}`);
    const values = Array.from(this.model.getSolution().colValue, Math.round);
    // Stopped in time, what it holds need not be a solution.
    if (status === timeLimit && !this.holds(values)) return undefined;
    return { sum: values.reduce((sum, one, at) => sum + one * weights[at]!, 0), values };
  }

  private holds(values: readonly number[]): boolean {
    return this.rows.every(({ lower, upper, terms }) => {
      const sum = terms.reduce((all, [at, coefficient]) => all + coefficient * values[at]!, 0);
      return sum >= lower - 1e-6 && sum <= upper + 1e-6;
    });
  }

  /** Gives its memory back. */
  dispose(): void {
    this.model.dispose();
  }
}

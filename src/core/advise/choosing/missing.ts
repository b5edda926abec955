import type { Highs } from 'highs';
import type { Slack } from './model';
import { modelOf } from './model';
import type { Problem } from './problem';
import { minimiserBy } from './solver';

/** What a problem that nothing satisfies is short of: a finding without a way, or room by so many. */
export interface Missing {
  findingId?: string;
  kind?: string;
  by: number;
}

/** Least that would have to be added for the problem to have an answer: findings first spared, then room. */
export function missingIn(highs: Highs, problem: Problem): Missing[] {
  const rooms = [
    ...problem.findings.flatMap(({ remedies }) => remedies),
    ...problem.globalRemedies,
  ];
  const most = rooms.reduce(
    (sum, { uses }) => sum + Object.values(uses).reduce((a, b) => a + b, 0),
    1,
  );
  const must = new Set(problem.findings.filter(({ mustMend }) => mustMend).map(({ id }) => id));
  const model = modelOf(problem, [], (lack): Slack | undefined =>
    'kind' in lack
      ? { kind: lack.kind, price: 1 }
      : must.has(lack.findingId)
        ? { findingId: lack.findingId, price: most + 1 }
        : undefined,
  );
  const weights = model.variables.map(() => 0);
  for (const { variable, slack } of model.slacks) weights[variable] = slack.price;
  const whole = new Set(
    model.slacks.filter(({ slack }) => slack.kind !== undefined).map(({ variable }) => variable),
  );
  const minimiser = minimiserBy(highs, model, whole);
  try {
    const values = minimiser.least(weights);
    if (!values) return [];
    return model.slacks.flatMap(({ variable, slack: { findingId, kind } }): Missing[] => {
      const by = values[variable]!;
      if (by < 1e-6) return [];
      return [
        { ...(findingId !== undefined && { findingId }), ...(kind !== undefined && { kind }), by },
      ];
    });
  } finally {
    minimiser.dispose();
  }
}

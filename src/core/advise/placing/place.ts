import type { Highs, Model } from 'highs';
import type { Placement, PlacementProblem, Spot, SpotKey } from './placement-problem';
import { anchorsOf, areBeside, covered, pairAllowed } from './placement-problem';

/** Seconds the balance may take; with more freedom than that the best found counts. */
const balanceSeconds = 2;

type Terms = [variable: number, coefficient: number][];

/**
 * Where everything goes: the least minutes of moving, then the legs as even as they can be, then the
 * lowest numbers. Exact by HiGHS; nothing where it cannot be placed. Synchronous: in a worker.
 * @throws where the solver ends without an answer
 */
export function place(highs: Highs, problem: PlacementProblem): Placement | undefined {
  const { pieces, together, tandems, legs } = problem;
  const spots = new Map(problem.spots.map((one) => [one.key, one]));
  const model = highs.createModel();
  try {
    model.options.set({ output_flag: false, mip_rel_gap: 0, mip_abs_gap: 0.49 });
    const { integer } = highs.constants.variableType;
    let many = 0;
    const variable = (upper: number): number => {
      model.addVar(0, upper);
      model.changeColIntegrality(many, integer);
      return many++;
    };
    let possible = true;
    const row = (lower: number, upper: number, terms: Terms) => {
      if (terms.length > 0) addRow(model, lower, upper, terms);
      else possible &&= lower <= 0 && upper >= 0;
    };

    // Where each piece stands whole, and where it is half of a tandem.
    const whole = new Map<string, Map<SpotKey, number>>();
    const half = new Map<string, Map<SpotKey, number>>();
    const tandemSpots =
      tandems > 0 ? problem.spots.filter(({ tandem, usable }) => tandem && usable) : [];
    const onSpot = new Map<SpotKey, Terms>();
    const onLeg = new Map<string, Terms>(legs.map((leg) => [leg, []]));
    const legOf = (key: SpotKey) => spots.get(key)?.leg;
    const minutes: Terms = [];
    const order: Terms = [];
    const take = (key: SpotKey, at: number) => {
      const list = onSpot.get(key) ?? [];
      list.push([at, 1]);
      onSpot.set(key, list);
    };
    const count = (at: number, key: SpotKey, halfAmps: number) => {
      const leg = legOf(key);
      if (leg !== undefined && halfAmps > 0) onLeg.get(leg)?.push([at, halfAmps]);
    };
    for (const piece of pieces) {
      const at = new Map(anchorsOf(piece, spots).map((key) => [key, variable(1)]));
      whole.set(piece.id, at);
      for (const [key, one] of at) {
        covered(key, piece.rows).forEach((under, step) => {
          take(under, one);
          count(one, under, piece.halfAmps[step] ?? 0);
        });
        if (piece.from !== undefined && key !== piece.from) minutes.push([one, piece.minutes]);
        if (key !== piece.from) order.push([one, spots.get(key)!.number]);
      }
      const halves = new Map<SpotKey, number>();
      if (piece.halvesAs !== undefined)
        for (const { key, number, leg } of tandemSpots) {
          if (piece.legs !== undefined && !piece.legs.includes(leg)) continue;
          const one = variable(1);
          halves.set(key, one);
          count(one, key, piece.halfAmps[0] ?? 0);
          if (key !== piece.from) {
            minutes.push([one, piece.minutes]);
            order.push([one, number]);
          }
        }
      half.set(piece.id, halves);
      row(
        1,
        1,
        [...at.values(), ...halves.values()].map((one): [number, number] => [one, 1]),
      );
    }
    const made: Terms = [];
    for (const { key } of tandemSpots) {
      const tandem = variable(1);
      made.push([tandem, 1]);
      take(key, tandem);
      const holds = pieces.flatMap(({ id, halvesAs }) => {
        const one = half.get(id)!.get(key);
        return one === undefined ? [] : [{ one, ratingA: halvesAs! }];
      });
      row(0, 0, [...holds.map(({ one }): [number, number] => [one, 1]), [tandem, -2]]);
      holds.forEach((a, index) => {
        for (const b of holds.slice(index + 1))
          if (!pairAllowed(problem, a.ratingA, b.ratingA))
            row(0, 1, [
              [a.one, 1],
              [b.one, 1],
            ]);
      });
    }
    if (tandems > 0) row(tandems, tandems, made);
    for (const terms of onSpot.values()) if (terms.length > 1) row(0, 1, terms);
    for (const { pieces: group, beside } of together) {
      for (const leg of legs)
        row(
          0,
          1,
          group.flatMap((id) =>
            [...whole.get(id)!]
              .filter(([key]) => legOf(key) === leg)
              .map(([, one]): [number, number] => [one, 1]),
          ),
        );
      if (!beside) continue;
      // Each has another of the group next to it.
      for (const id of group)
        for (const [key, one] of whole.get(id)!)
          row(-Infinity, 0, [
            [one, 1],
            ...group
              .filter((other) => other !== id)
              .flatMap((other) =>
                [...whole.get(other)!]
                  .filter(([near]) => areBeside(near, key))
                  .map(([, beside]): [number, number] => [beside, -1]),
              ),
          ]);
    }

    if (!possible) return undefined;
    if (many === 0) return read(problem, [], whole, half, spots);
    const least = solve(highs, model, many, minutes);
    if (!least) return undefined;
    row(-Infinity, least.value + 1e-6, minutes);
    const weighed = [...onLeg.values()].filter((terms) => terms.length > 0).length > 0;
    let best = least;
    if (weighed) {
      const total = pieces.reduce(
        (sum, { halfAmps }) => sum + halfAmps.reduce((a, b) => a + b, 0),
        0,
      );
      // On two legs the difference is even where the sum is: half of it is what is counted.
      const two = legs.length === 2;
      const unit = two ? 2 : 1;
      const odd = two ? total % 2 : 0;
      const apart = variable(total);
      for (const a of legs)
        for (const b of legs)
          if (a !== b) row(-odd, Infinity, [[apart, unit], ...minus(onLeg.get(a)!, onLeg.get(b)!)]);
      model.options.set({ time_limit: balanceSeconds });
      const even = solve(highs, model, many, [[apart, 1]]);
      if (even) {
        best = even;
        row(-Infinity, Math.round(even.value), [[apart, 1]]);
      }
    }
    best = solve(highs, model, many, order) ?? best;
    return read(problem, best.values, whole, half, spots);
  } finally {
    model.dispose();
  }
}

/** b − a, as terms of one row. */
const minus = (a: Terms, b: Terms): Terms => [
  ...a.map(([at, amount]): [number, number] => [at, -amount]),
  ...b,
];

function addRow(model: Model, lower: number, upper: number, terms: Terms): void {
  const sums = new Map<number, number>();
  for (const [at, coefficient] of terms) sums.set(at, (sums.get(at) ?? 0) + coefficient);
  model.addRow(lower, upper, {
    indices: [...sums.keys()],
    values: [...sums.values()],
  });
}

function solve(
  highs: Highs,
  model: Model,
  many: number,
  terms: Terms,
): { value: number; values: ArrayLike<number> } | undefined {
  const weights = new Float64Array(many);
  for (const [at, weight] of terms) weights[at]! += weight;
  weights.forEach((weight, at) => model.changeColCost(at, weight));
  model.clearSolver();
  model.run();
  const status = model.getModelStatus();
  const { optimal, infeasible, timeLimit } = highs.constants.modelStatus;
  if (status === infeasible) return undefined;
  if (status !== optimal && status !== timeLimit)
    throw new Error(`the solver ended with status ${status}`);
  const values = Float64Array.from(model.getSolution().colValue, Math.round);
  return { value: weights.reduce((sum, weight, at) => sum + weight * values[at]!, 0), values };
}

function read(
  { pieces, legs }: PlacementProblem,
  values: ArrayLike<number>,
  whole: ReadonlyMap<string, ReadonlyMap<SpotKey, number>>,
  half: ReadonlyMap<string, ReadonlyMap<SpotKey, number>>,
  spots: ReadonlyMap<SpotKey, Spot>,
): Placement {
  const at = new Map<string, SpotKey>();
  const halves = new Map<SpotKey, string[]>();
  const loads = new Map(legs.map((leg) => [leg, 0]));
  let minutes = 0;
  for (const piece of pieces) {
    const chosen = (of: ReadonlyMap<SpotKey, number>) =>
      [...of].find(([, one]) => values[one] === 1)?.[0];
    const stands = chosen(whole.get(piece.id)!);
    const key = stands ?? chosen(half.get(piece.id)!)!;
    at.set(piece.id, key);
    if (stands === undefined) halves.set(key, [...(halves.get(key) ?? []), piece.id]);
    if (piece.from !== undefined && key !== piece.from) minutes += piece.minutes;
    covered(key, stands === undefined ? 1 : piece.rows).forEach((under, step) => {
      const leg = spots.get(under)?.leg;
      if (leg !== undefined) loads.set(leg, (loads.get(leg) ?? 0) + (piece.halfAmps[step] ?? 0));
    });
  }
  const staysAt = (id: string, spot: SpotKey) =>
    pieces.find((one) => one.id === id)!.from === spot ? 0 : 1;
  return {
    at,
    // What stands there already keeps the upper half.
    tandems: [...halves].map(([spot, two]) => {
      const [upper, lower] = [...two].sort((a, b) => staysAt(a, spot) - staysAt(b, spot));
      return { spot, upper: upper!, lower: lower! };
    }),
    minutes,
    imbalance: Math.max(...loads.values()) - Math.min(...loads.values()),
  };
}

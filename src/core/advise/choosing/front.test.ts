import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Highs } from 'highs';
import loadHighs from 'highs';
import { anyProblem } from '../../testing/any-problem';
import { answerTo } from './answer';
import type { Choice } from './choice';
import { tally } from './choice';
import { cheapest, front } from './front';
import type { Problem } from './problem';
import { readProblem } from './read-problem';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

interface Point {
  cost: number;
  riskLeft: number;
}
const near = (a: number, b: number) => Math.abs(a - b) <= 1e-6;

/** Every set of global remedies with every way for every finding, tried one by one. */
function enumerate(problem: Problem): (Point & { choice: Choice })[] {
  const all: (Point & { choice: Choice })[] = [];
  const { findings, globalRemedies } = problem;
  for (let set = 0; set < 2 ** globalRemedies.length; set += 1) {
    const chosen = globalRemedies.filter((_, at) => set & (2 ** at));
    if (chosen.some((one) => chosen.some((other) => one.excludes.includes(other.id)))) continue;
    let ways: Record<string, string>[] = [{}];
    for (const { id, mustMend, remedies } of findings) {
      const grave = (left: string | null) => left === 'Urgent' || left === 'Danger now';
      const options = mustMend ? [] : ['leave'];
      for (const remedy of remedies)
        if (!mustMend || !grave(remedy.gradeLeft)) options.push(remedy.id);
      const covers = chosen.filter(
        ({ covers }) => covers[id] && (!mustMend || !grave(covers[id].gradeLeft)),
      );
      const least = Math.min(...covers.map(({ covers }) => covers[id]!.riskLeftPoints));
      const best = covers.find(({ covers }) => covers[id]!.riskLeftPoints === least);
      if (best) options.push(`covered by ${best.id}`);
      ways = ways.flatMap((way) => options.map((option) => ({ ...way, [id]: option })));
    }
    for (const byFinding of ways) {
      const choice = { globalRemedies: chosen.map(({ id }) => id), byFinding };
      const { cost, riskLeft, room } = tally(problem, choice);
      if ([...room.values()].every((left) => left >= -1e-6)) all.push({ cost, riskLeft, choice });
    }
  }
  return all;
}

/** Of some points those that none betters in both, cheapest first. */
function undominated<P extends Point>(points: readonly P[]): P[] {
  const sorted = [...points].sort((a, b) => a.cost - b.cost || a.riskLeft - b.riskLeft);
  const kept: P[] = [];
  for (const point of sorted) {
    const last = kept.at(-1);
    if (!last || point.riskLeft < last.riskLeft - 1e-6) {
      if (last && near(last.cost, point.cost)) kept.pop();
      kept.push(point);
    }
  }
  return kept;
}

interface State extends Point {
  net: number[];
  works: boolean;
  utility: boolean;
}

/** Finding by finding, keeping for each state of the room only what nothing betters. */
function recursion(problem: Problem): Point[] {
  const kinds = ['positions', 'tandemPositions', 'neutralTerminals'];
  const { findings, globalRemedies, labourRatePerHour, callOutFee, utilityFee } = problem;
  const add = (
    state: State,
    work: (typeof globalRemedies)[number] | (typeof findings)[number]['remedies'][number],
    risk: number,
  ): State => ({
    cost: state.cost + work.parts + (labourRatePerHour / 60) * work.minutes,
    riskLeft: state.riskLeft + risk,
    net: kinds.map((kind, at) => state.net[at]! + (work.uses[kind] ?? 0) - (work.frees[kind] ?? 0)),
    works: true,
    utility: state.utility || work.needsUtility,
  });
  const ends: Point[] = [];
  const subsets = globalRemedies.reduce<string[][]>(
    (sets, { id }) => [...sets, ...sets.map((set) => [...set, id])],
    [[]],
  );
  for (const ids of subsets) {
    const chosen = globalRemedies.filter(({ id }) => ids.includes(id));
    if (chosen.some(({ excludes }) => excludes.some((id) => ids.includes(id)))) continue;
    let states: State[] = [
      chosen.reduce<State>((state, one) => add(state, one, 0), {
        cost: 0,
        riskLeft: 0,
        net: kinds.map(() => 0),
        works: false,
        utility: false,
      }),
    ];
    for (const finding of findings) {
      const tooMuch = (left: string | null) =>
        finding.mustMend && ['Urgent', 'Danger now'].includes(left ?? 'none');
      const covers = chosen
        .flatMap(({ covers }) => covers[finding.id] ?? [])
        .filter(({ gradeLeft }) => !tooMuch(gradeLeft));
      const next = states.flatMap((state) => [
        ...(finding.mustMend ? [] : [{ ...state, riskLeft: state.riskLeft + finding.riskPoints }]),
        ...(covers.length > 0
          ? [
              {
                ...state,
                riskLeft: state.riskLeft + Math.min(...covers.map((one) => one.riskLeftPoints)),
              },
            ]
          : []),
        ...finding.remedies
          .filter((one) => !tooMuch(one.gradeLeft))
          .map((one) => add(state, one, one.riskLeftPoints)),
      ]);
      const groups = new Map<string, State[]>();
      for (const state of next) {
        const key = JSON.stringify([state.net, state.works, state.utility]);
        groups.set(key, [...(groups.get(key) ?? []), state]);
      }
      states = [...groups.values()].flatMap(undominated);
    }
    ends.push(
      ...states
        .filter(({ net }) =>
          net.every((used, at) => used <= (problem.room[kinds[at]!] ?? 0) + 1e-6),
        )
        .map(({ cost, riskLeft, works, utility }) => ({
          cost: cost + (works ? callOutFee : 0) + (utility ? utilityFee : 0),
          riskLeft,
        })),
    );
  }
  return undominated(ends);
}

const figures = (points: readonly Point[]) =>
  points.map(({ cost, riskLeft }) => [Number(cost.toFixed(5)), Number(riskLeft.toFixed(5))]);

describe('the front', () => {
  test('200 problems of up to 7 findings equal full enumeration, ties and risk limits too', () => {
    fc.assert(
      fc.property(anyProblem(7), (problem) => {
        const all = enumerate(problem);
        const expected = undominated(all);
        const answer = answerTo(highs, problem);
        expect(figures(answer.front)).toEqual(figures(expected));
        for (const point of answer.front) {
          const tied = all.filter(
            (one) => near(one.cost, point.cost) && near(one.riskLeft, point.riskLeft),
          );
          expect(point.tied).toBe(tied.length);
          expect(point.choices).toHaveLength(Math.min(200, tied.length));
          const known = new Set(tied.map(({ choice }) => canonical(choice)));
          for (const choice of point.choices) expect(known).toContain(canonical(choice));
        }
        for (const { riskLimit, ...at } of answer.byRiskLimit) {
          const within = undominated(all.filter(({ riskLeft }) => riskLeft <= riskLimit + 1e-6))[0];
          expect(at.feasible).toBe(within !== undefined);
          if (at.feasible) expect(figures([at])).toEqual(figures([within!]));
        }
        if (expected.length === 0) expect(answer.missing.length).toBeGreaterThan(0);
      }),
      { numRuns: 200, seed: 16 },
    );
  });

  test('200 problems of up to 12 findings equal a recursion over states of the room', () => {
    fc.assert(
      fc.property(anyProblem(12), (problem) => {
        expect(figures([...front(highs, problem)])).toEqual(figures(recursion(problem)));
      }),
      { numRuns: 200, seed: 17 },
    );
  });

  test('dropping what is outdone changes nothing', () => {
    fc.assert(
      fc.property(anyProblem(6), (problem) => {
        expect(figures([...front(highs, problem)])).toEqual(
          figures([...front(highs, problem, { plain: true })]),
        );
      }),
      { numRuns: 60, seed: 18 },
    );
  });
});

/** The cheapest and safest within a limit; nothing where there is none. */
const within = (points: readonly Point[], limit: number) =>
  points.find(({ riskLeft }) => riskLeft <= limit + 1e-6)?.cost ?? Infinity;

describe('laws', () => {
  test('with a cheaper book the same choices cost no more, and no limit costs more to keep', () => {
    fc.assert(
      fc.property(anyProblem(7), fc.constantFrom(0, 0.25, 0.9), (problem, share) => {
        const less: Problem = {
          ...problem,
          labourRatePerHour: problem.labourRatePerHour * share,
          callOutFee: problem.callOutFee * share,
          utilityFee: problem.utilityFee * share,
          findings: problem.findings.map((finding) => ({
            ...finding,
            remedies: finding.remedies.map((one) => ({ ...one, parts: one.parts * share })),
          })),
          globalRemedies: problem.globalRemedies.map((one) => ({
            ...one,
            parts: one.parts * share,
          })),
        };
        const dear = [...front(highs, problem)];
        const cheap = [...front(highs, less)];
        for (const { choice, cost } of dear)
          expect(tally(less, choice).cost).toBeLessThanOrEqual(cost + 1e-6);
        for (const { riskLeft, cost } of dear)
          expect(within(cheap, riskLeft)).toBeLessThanOrEqual(cost + 1e-6);
      }),
      { numRuns: 60, seed: 19 },
    );
  });

  test('more room never makes the front worse', () => {
    fc.assert(
      fc.property(anyProblem(7), (problem) => {
        const more = {
          ...problem,
          room: {
            positions: (problem.room['positions'] ?? 0) + 1,
            tandemPositions: (problem.room['tandemPositions'] ?? 0) + 2,
            neutralTerminals: problem.room['neutralTerminals'] ?? 0,
          },
        };
        const wide = [...front(highs, more)];
        for (const { riskLeft, cost } of front(highs, problem))
          expect(within(wide, riskLeft)).toBeLessThanOrEqual(cost + 1e-6);
      }),
      { numRuns: 60, seed: 20 },
    );
  });

  test('nothing leaves what must be mended and can be', () => {
    fc.assert(
      fc.property(anyProblem(8), (problem) => {
        for (const { choice } of front(highs, problem))
          for (const { id, mustMend } of problem.findings)
            if (mustMend) expect(choice.byFinding[id]).not.toBe('leave');
      }),
      { numRuns: 60, seed: 21 },
    );
  });
});

const base = {
  labourRatePerHour: 60,
  callOutFee: 90,
  utilityFee: 0,
  riskLimits: [],
  globalRemedies: [],
};
const read = (json: object): Problem => {
  const parsed = readProblem(json);
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.problem;
};

describe('a cut', () => {
  const problem = read({
    ...base,
    findings: [
      { id: 'bond', riskPoints: 300, mustMend: true, remedies: [{ id: 'undone', minutes: 10 }] },
      { id: 'bar', riskPoints: 30, remedies: [{ id: 'moved', minutes: 60 }] },
    ],
  });
  test('brings along what it is lifted by', () => {
    expect(cheapest(highs, problem)?.choice.byFinding).toEqual({ bond: 'undone', bar: 'leave' });
    const cuts = [{ together: ['bond=undone'], unless: ['bar=moved'] }];
    expect(cheapest(highs, problem, { cuts })?.choice.byFinding).toEqual({
      bond: 'undone',
      bar: 'moved',
    });
  });
  test('without anything that lifts it leaves no way', () => {
    expect(
      cheapest(highs, problem, { cuts: [{ together: ['bond=undone'], unless: [] }] }),
    ).toBeUndefined();
  });
});

describe('what is missing', () => {
  test('room is named by its kind and how much', () => {
    const problem = read({
      ...base,
      room: { positions: 1 },
      findings: ['a', 'b'].map((id) => ({
        id,
        riskPoints: 300,
        mustMend: true,
        remedies: [{ id: 'own', uses: { positions: 2 } }],
      })),
    });
    expect(answerTo(highs, problem)).toMatchObject({
      front: [],
      missing: [{ kind: 'positions', by: 3 }],
    });
  });
  test('a finding without a way that leaves it below Urgent is named', () => {
    const problem = read({
      ...base,
      findings: [
        {
          id: 'a',
          riskPoints: 300,
          mustMend: true,
          remedies: [{ id: 'half', gradeLeft: 'Urgent', riskLeftPoints: 300 }],
        },
      ],
    });
    expect(answerTo(highs, problem).missing).toEqual([{ findingId: 'a', by: 1 }]);
  });
});

describe('bad input', () => {
  test.each([
    [{}, /labourRatePerHour: /],
    [
      { ...base, findings: [{ id: 'a', riskPoints: -1 }] },
      /findings\.0\.riskPoints: expected 0 or more/,
    ],
    [
      {
        ...base,
        findings: [
          { id: 'a', riskPoints: 1 },
          { id: 'a', riskPoints: 1 },
        ],
      },
      /a stands twice/,
    ],
    [
      { ...base, findings: [], globalRemedies: [{ id: 'g', covers: { x: {} } }] },
      /g covers x, and there is no such finding/,
    ],
    [
      { ...base, findings: [], globalRemedies: [{ id: 'g', excludes: ['h'] }] },
      /g excludes h, and there is no such global remedy/,
    ],
  ])('%j is told with its place', (json, message) => {
    const parsed = readProblem(json);
    expect(parsed.ok ? '' : parsed.message).toMatch(message);
  });
});

const canonical = ({ globalRemedies, byFinding }: Choice) =>
  JSON.stringify([[...globalRemedies].sort(), Object.entries(byFinding).sort()]);

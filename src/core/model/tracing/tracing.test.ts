import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { codesFor, distance, weightOf } from './codes';
import type { Hypothesis, Looks } from './decode';
import { decode, hypothesesOf, isDead, singlesOf } from './decode';
import { chanceFrom, nextRound } from './next-round';
import type { Round } from './plan';
import { planRounds } from './plan';

const circuits = (count: number) => Array.from({ length: count }, (_, index) => `c${index + 1}`);
const roundsOf = (count: number, staysOn: string[] = []): Round[] => {
  const planned = planRounds(circuits(count), staysOn);
  if (!planned.ok) throw new Error(planned.reason);
  return planned.plan.rounds;
};
const looksOf = (is: Hypothesis, rounds: readonly Round[], wrong: number[] = []): Looks =>
  new Map(
    rounds.map(({ number, off }) => {
      const dead = isDead(is, new Set(off)) !== wrong.includes(number);
      return [number, dead ? 'dead' : 'alive'] as const;
    }),
  );
const single = (one: string): Hypothesis => ({ kind: 'single', circuits: [one] });

describe('codes', () => {
  test.each([1, 2, 5, 14, 28, 42, 84])('%i circuits: four rounds off each, four apart', (count) => {
    const { rounds, codes } = codesFor(count)!;
    expect(codes).toHaveLength(count);
    expect(codes.every((code) => weightOf(code) === 4 && code < 2 ** rounds)).toBe(true);
    for (const [index, one] of codes.entries())
      for (const other of codes.slice(index + 1))
        expect(distance(one, other)).toBeGreaterThanOrEqual(4);
  });
  test('28 circuits take fewer rounds than half their number', () =>
    expect(codesFor(28)!.rounds).toBeLessThanOrEqual(12));
});

describe('a plan', () => {
  test('never switches off what must stay on', () => {
    const rounds = roundsOf(12, ['c3', 'c7']);
    expect(rounds.flatMap(({ off }) => off)).not.toContain('c3');
    expect(rounds.flatMap(({ off }) => off)).not.toContain('c7');
  });
  test('one at a time: a round each', () => {
    const planned = planRounds(circuits(5), ['c2'], 'single');
    expect(planned.ok && planned.plan.rounds.map(({ off }) => off)).toEqual([
      ['c1'],
      ['c3'],
      ['c4'],
      ['c5'],
    ]);
  });
  test('nothing may go off: says so', () =>
    expect(planRounds(['c1'], ['c1'])).toEqual({
      ok: false,
      reason: 'no circuit may be switched off',
    }));
});

describe('the way of tracing', () => {
  const planOf = (count: number, way: 'code' | 'names' | 'single' = 'code') => {
    const planned = planRounds(circuits(count), [], way);
    if (!planned.ok) throw new Error(planned.reason);
    return planned.plan;
  };
  test('names only: five rounds for 31 circuits, and it says what it cannot notice', () => {
    const plan = planOf(31, 'names');
    expect(plan).toMatchObject({ way: 'names' });
    expect(plan.rounds).toHaveLength(5);
    expect(plan.because).toContain('cannot be noticed');
    for (const one of circuits(31))
      expect(
        decode(
          circuits(31),
          plan.rounds,
          looksOf(single(one), plan.rounds),
          singlesOf(circuits(31)),
          false,
        ),
      ).toEqual({ answer: 'exact', is: single(one) });
  });
  test('one at a time where that is no more rounds, and it says so', () => {
    expect(planOf(3)).toMatchObject({ way: 'single' });
    expect(planOf(3).because).toContain('one at a time: 3 rounds');
    expect(planOf(28)).toMatchObject({ way: 'robust' });
    expect(planOf(28).because).toContain('instead of 28');
  });
});

describe('at most one wrong look and two circuits an outlet', () => {
  const all = circuits(14);
  const rounds = roundsOf(14);
  const hypotheses = hypothesesOf(all);
  test('the truth is always among what it could be, and the wrong round is named', () => {
    for (const truth of hypotheses)
      for (const wrong of [[], ...rounds.map(({ number }) => [number])]) {
        const decoded = decode(all, rounds, looksOf(truth, rounds, wrong), hypotheses);
        const could =
          decoded.answer === 'exact'
            ? [decoded.is]
            : decoded.answer === 'open'
              ? decoded.could
              : decoded.answer === 'repeat'
                ? [decoded.then]
                : [];
        expect([
          truth,
          wrong,
          could.some((one) => one === truth || JSON.stringify(one) === JSON.stringify(truth)),
        ]).toEqual([truth, wrong, true]);
        if (wrong.length > 0 && 'rounds' in decoded) expect(decoded.rounds).toContain(wrong[0]);
      }
  });
});

describe('decoding 28 circuits', () => {
  const all = circuits(28);
  const rounds = roundsOf(28);
  const hypotheses = hypothesesOf(all);
  const answer = (looks: Looks, walked: readonly Round[] = rounds) =>
    decode(all, walked, looks, hypotheses);

  test('every single breaker exactly', () => {
    for (const one of all)
      expect(answer(looksOf(single(one), rounds))).toEqual({ answer: 'exact', is: single(one) });
  });
  test('one wrong look: names the round to repeat, whichever it was', () => {
    for (const one of all)
      for (const { number } of rounds) {
        const decoded = answer(looksOf(single(one), rounds, [number]));
        if (decoded.answer === 'repeat')
          expect(decoded).toEqual({ answer: 'repeat', rounds: [number], then: single(one) });
        else expect(decoded).toMatchObject({ answer: 'open' });
        expect('rounds' in decoded && decoded.rounds).toContain(number);
      }
  });
  test('pairs are never taken for a single breaker, and further rounds name them', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('joined' as const, 'second-supply' as const),
        fc.uniqueArray(fc.constantFrom(...all), { minLength: 2, maxLength: 2 }),
        (kind, pair) => {
          const two = [...pair].sort((a, b) => all.indexOf(a) - all.indexOf(b)) as [string, string];
          const truth: Hypothesis = { kind, circuits: two };
          const walked: Round[] = [...rounds];
          const chance = chanceFrom(7);
          for (;;) {
            const decoded = answer(looksOf(truth, walked), walked);
            if (decoded.answer === 'exact') return expect(decoded.is).toEqual(truth);
            expect(decoded.answer).toBe('open');
            const next = nextRound(all, [], [decoded], walked.length + 1, chance);
            expect(next).toBeDefined();
            walked.push(next!);
            expect(walked.length).toBeLessThan(rounds.length + 14);
          }
        },
      ),
      { numRuns: 25 },
    ));
  test('what never goes dead is either none of them, or two supplies: more rounds tell', () => {
    const walked: Round[] = [...rounds];
    const none: Hypothesis = { kind: 'none', circuits: [] };
    const first = answer(looksOf(none, walked), walked);
    expect(first.answer).toBe('open');
    walked.push(nextRound(all, [], [first], walked.length + 1, chanceFrom(3))!);
    expect(walked.at(-1)!.off.length).toBeGreaterThan(0);
  });
  test('a round not walked: says so and names nothing', () => {
    const looks = new Map(looksOf(single('c1'), rounds));
    looks.delete(3);
    expect(answer(looks)).toEqual({ answer: 'unclear', because: 'not looked at in every round' });
  });
  test('two wrong looks: unclear, with the rounds that differ', () => {
    const decoded = answer(looksOf(single('c1'), rounds, [1, 7]));
    expect(decoded).not.toEqual({ answer: 'exact', is: single('c1') });
  });
});

import { describe, expect, test } from '@jest/globals';
import { rules } from '.';
import { bench } from '../../testing/bench';

/** A rule with nothing of its kind recorded answers once for its panel; it is never silent. */
describe('no rule is silent', () => {
  test.each([
    ['a panel of which nothing was recorded', bench({ bars: false, fedBy: null })],
    [
      'a panel whose cover stayed shut',
      bench({ panel: { coverOpened: 'not-opened' } }).lines('main 100', '7 20', '9+11 30'),
    ],
  ])('%s', (_, made) => {
    const answered = new Map<string, string[]>();
    for (const { rule, outcome } of made.assess().verdicts)
      answered.set(rule.id, [...(answered.get(rule.id) ?? []), outcome.outcome]);
    expect(rules.filter(({ id }) => !answered.has(id)).map(({ id }) => id)).toEqual([]);
  });

  test('with no shared neutral, said in so many words, the rules of shared neutrals do not apply', () => {
    const outcomeOf = (made: ReturnType<typeof bench>) =>
      made.assess().verdicts.find(({ rule }) => rule.id === 'breaker/shared-neutral-same-leg')!
        .outcome.outcome;
    expect(outcomeOf(bench())).toBe('not-seen');
    expect(outcomeOf(bench({ panel: { sharedNeutrals: 'none' } }))).toBe('does-not-apply');
  });
});

import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'breaker/improvised-tie';

describe(rule, () => {
  test.each([
    ['fires', '9+11 30 10cu !nail dryer', 'found: improvised'],
    ['clear: made as one', '9+11 30 10cu tied dryer', 'clear'],
    ['not seen', '9+11 30 10cu dryer', 'not-seen'],
  ])('%s', (_, line, expected) => {
    expect(outcomes(bench().lines(line).assess(), rule)).toEqual({ 'Breaker 9+11': expected });
  });
  test('a nail through two neighbours is one tie, found by the keys of both', () => {
    const { findings } = bench().lines('2 20 12cu n1 !nail', '4 20 12cu ~2 !nail').assess();
    const ties = findings.filter((one) => one.verdict.rule.id === rule);
    expect(ties.map(({ verdict }) => verdict.place.label)).toEqual(['Breakers 2 and 4']);
    expect(ties[0]!.verdict.place.formerly).toHaveLength(1);
  });
  test('a breaker alone is not asked, unless it shares a neutral', () => {
    expect(outcomes(bench().lines('2 20 12cu n1', '6 20 12cu').assess(), rule)).toEqual({
      'Breakers and fuses': 'does-not-apply',
    });
    const shared = outcomes(bench().lines('2 20 12cu n1', '4 20 12cu ~2').assess(), rule);
    expect(shared).toEqual({ 'Breaker 2': 'not-seen', 'Breaker 4': 'not-seen' });
  });
});

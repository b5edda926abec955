import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'conductor/white-as-hot';

describe(rule, () => {
  test.each([
    ['fires: white, not re-marked', '7 20 12cu:w', 'found: unmarked'],
    ['fires: grey', '7 20 12cu:e', 'found: unmarked'],
    ['clear: re-marked in a cable', '7 20 12cu:w* in:nm', 'clear'],
    ['clear: black', '7 20 12cu:b', 'clear'],
    ['fires: re-marking does not do in a raceway', '7 20 12cu:w* in:thw', 'found: raceway'],
    ['not seen: colour', '7 20 12cu', 'not-seen'],
  ])('%s', (_, line, expected) => {
    expect(outcomes(bench().lines(line).assess(), rule)).toEqual({ 'Breaker 7': expected });
  });
  test('not seen: white, whether re-marked was not looked at', () => {
    const b = bench().lines('7 20 12cu');
    b.facts({ colour: 'white' }, b.book.site.panels[0]!.conductors[0]!.id);
    expect(outcomes(b.assess(), rule)).toEqual({ 'Breaker 7': 'not-seen' });
  });
});

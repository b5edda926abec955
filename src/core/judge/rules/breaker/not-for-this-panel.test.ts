import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'breaker/not-for-this-panel';
const accepts = { panel: { labelAccepts: ['Tarnholt TA', 'Tarnholt TB', 'Oskelund'] } };

describe(rule, () => {
  test.each([
    ['fires: another maker', '7 20 @merrowby', 'found: off-list'],
    ['fires: a type of the maker that is not listed', '7 20 @tarnholt.tz', 'found: off-list'],
    ['clear: a listed type', '7 20 @tarnholt.ta', 'clear'],
    ['clear: every type of a maker the label names whole', '7 20 @oskelund', 'clear'],
    ['not seen: the maker fits, the type was not read', '7 20 @tarnholt', 'not-seen'],
    ['not seen: maker unread', '7 20', 'not-seen'],
  ])('%s', (_, line, expected) => {
    expect(outcomes(bench(accepts).lines(line).assess(), rule)).toEqual({ 'Breaker 7': expected });
  });
  test('not seen: label unread', () => {
    expect(outcomes(bench().lines('7 20 @merrowby').assess(), rule)).toEqual({
      'Breaker 7': 'not-seen',
    });
  });
});

import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'breaker/tandem-not-allowed';

describe(rule, () => {
  test.each([
    ['fires: the label allows others', [17, 18], 'found: tandem'],
    ['fires: the label allows none', [], 'found: tandem'],
    ['clear: the label allows it', [13], 'clear'],
  ])('%s', (_, labelTandemPositions, expected) => {
    const result = outcomes(
      bench({ panel: { labelTandemPositions } }).lines('13 t15/15 14cu/14cu').assess(),
      rule,
    );
    expect(result['Breaker 13']).toBe(expected);
  });
  test('not seen: label unread', () => {
    expect(outcomes(bench().lines('13 t15/15').assess(), rule)['Breaker 13']).toBe('not-seen');
  });
  test('a full-size breaker is not asked', () => {
    expect(outcomes(bench().lines('13 15').assess(), rule)).toEqual({ 'All circuits': 'not-seen' });
  });
  test('counts circuits against the label: found, clear, not seen', () => {
    const of = (labelCircuits: number, ...lines: string[]) =>
      outcomes(
        bench({ rows: 2, panel: { labelCircuits } })
          .lines(...lines)
          .assess(),
        rule,
      )['All circuits'];
    expect(of(4, '1 t15/15', '2 t15/15', '3 20')).toBe('found: circuits');
    expect(of(4, '1 15', '2 t15/15', '3 20', '4 blank')).toBe('clear');
    expect(of(4, '1 15', '2 t15/15', '3 20')).toBe('not-seen');
  });
});

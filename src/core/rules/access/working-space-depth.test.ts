import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../testing/bench';

const rule = 'access/working-space-depth';
const place = 'In front of the panel';

describe(rule, () => {
  test.each([
    ['fires below the table', 913, 'found: shallow'],
    ['clear at the metric twin of 3 ft', 914, 'clear'],
    ['clear at exactly 3 ft', 914.4, 'clear'],
  ])('%s', (_, depthMm, expected) => {
    expect(outcomes(bench({ panel: { depthMm } }).assess(), rule)).toEqual({ [place]: expected });
  });
  test('not seen: never measured', () => {
    expect(outcomes(bench().assess(), rule)).toEqual({ [place]: 'not-seen' });
  });
  test('stays judged with the cover closed', () => {
    expect(
      outcomes(bench({ panel: { depthMm: 600, coverOpened: 'not-opened' } }).assess(), rule),
    ).toEqual({ [place]: 'found: shallow' });
  });
});

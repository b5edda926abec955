import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

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

test('above 150 V to ground, what stands opposite is wanted before it can be clear', () => {
  const at = (depthMm: number, spaceCondition?: '1') =>
    outcomes(
      bench({
        panel: { serviceSystem: 'wye-480', depthMm, ...(spaceCondition && { spaceCondition }) },
      }).assess(),
      'access/working-space-depth',
    )['In front of the panel'];
  expect([at(1000), at(1000, '1'), at(1300), at(800)]).toEqual([
    'not-seen',
    'clear',
    'clear',
    'found: shallow',
  ]);
});

import type { Given, RuleCase } from '../../../testing/rule-cases';

const over = (tie: 'none' | 'listed' | undefined, poles: boolean): Given => ({
  lines: ['1 20 12cu', '3 20 12cu'],
  things: [
    [
      'device',
      'a',
      'panel',
      { place: { kind: 'position', column: 1, row: 5 }, ...(tie && { tie }) },
    ],
    [
      'device',
      'b',
      'panel',
      { place: { kind: 'position', column: 1, row: 6 }, ...(tie && { tie }) },
    ],
    ['circuit', 'c', 'panel', { terminals: ['a/t1', 'b/t1'] }],
    [
      'load',
      'l',
      'c',
      { loadKind: 'water-heater', ...(poles && { loadPoles: 'line-to-line' as const }) },
    ],
  ],
});

export const cases: readonly RuleCase[] = [
  ['water heater on two free singles', over('none', true), 'found: free'],
  ['a listed tie', over('listed', true), 'clear'],
  ['ties not looked at', over(undefined, true), 'not-seen'],
  ['how the load is connected not known', over('none', false), 'not-seen'],
];

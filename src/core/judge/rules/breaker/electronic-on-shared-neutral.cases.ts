import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'arc-fault on one of two',
    { lines: ['1 20 12cu m1 n1 af', '3 20 12cu m1 ~1 plain'] },
    'found: shared',
  ],
  [
    'ground-fault on the other',
    { lines: ['1 20 12cu m1 n1 plain', '3 20 12cu m1 ~1 gf'] },
    'found: shared',
  ],
  ['ordinary ones', { lines: ['1 20 12cu m1 n1 plain', '3 20 12cu m1 ~1 plain'] }, 'clear'],
  ['one of them not read', { lines: ['1 20 12cu m1 n1 plain', '3 20 12cu m1 ~1'] }, 'not-seen'],
  [
    'each its own neutral',
    { panel: { sharedNeutrals: 'none' }, lines: ['1 20 12cu m1 n1 af'] },
    'does-not-apply',
  ],
  ['never looked', {}, 'not-seen'],
];

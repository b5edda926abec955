import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['12 aluminium', { lines: ['7 15 12al'] }, 'found: small'],
  ['range in 6 aluminium', { lines: ['7 40 6al'] }, 'clear'],
  ['12 copper', { lines: ['7 20 12cu'] }, 'clear'],
  [
    'metal unread',
    {
      lines: ['7 20'],
      things: [
        ['device', 'a', 'panel', { place: { kind: 'position', column: 2, row: 9 } }],
        ['conductor', 'w', 'panel', { function: 'hot', landsOn: 'a/t1' }],
      ],
    },
    'not-seen',
  ],
  ['copper-clad is a metal of its own', { lines: ['7 15 12cca'] }, 'clear'],
];

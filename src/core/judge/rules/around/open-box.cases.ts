import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const box = (facts: Facts): Given => ({
  things: [['outlet', 'o', 'house', { outletKind: 'box', ...facts }]],
});

export const cases: readonly RuleCase[] = [
  ['no cover', box({ boxState: 'no-cover' }), 'found: open'],
  ['a splice without a box', box({ boxState: 'open-splice' }), 'found: open'],
  ['closed', box({ boxState: 'closed' }), 'clear'],
  ['all looked at', { building: { outletsLooked: true } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  [
    'a receptacle without its cover',
    {
      things: [
        ['outlet', 'o', 'house', { outletKind: 'receptacle', boxStates: ['receptacle-no-cover'] }],
        ['outlet', 'b', 'house', { outletKind: 'box', boxStates: [] }],
      ],
    },
    'found: open',
    'Outlet',
  ],
];

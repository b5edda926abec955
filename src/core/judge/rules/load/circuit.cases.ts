import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'water heater of 4500 W on 20 A',
    { lines: ['9+11 20 12cu =heater 4500w heater'] },
    'found: continuous',
  ],
  [
    '22 A measured on 20 A',
    { lines: ['7 20 12cu bench'], facts: { 'terminal 7': { loadCurrentA: 22 } } },
    'found: over',
  ],
  ['water heater of 4500 W on 25 A', { lines: ['9+11 25 10cu =heater 4500w heater'] }, 'clear'],
  [
    '18 A for an hour',
    {
      lines: ['7 20 12cu =other oven'],
      facts: { 'terminal 7': { loadCurrentA: 18 }, 'load 7': { continuous: false } },
    },
    'clear',
  ],
  [
    'one of two nameplates unread',
    {
      things: [
        [
          'device',
          'a',
          'panel',
          { place: { kind: 'position', column: 1, row: 1 }, handleRatingsA: [20] },
        ],
        ['circuit', 'c', 'panel', { terminals: ['a/t1'] }],
        ['load', 'l1', 'c', { loadKind: 'other', listedW: 600 }],
        ['load', 'l2', 'c', { loadKind: 'other' }],
      ],
    },
    'not-seen',
  ],
  ['never clamped', { lines: ['7 20 12cu bench'] }, 'not-seen'],
  [
    '18 A, how long not said',
    { lines: ['7 20 12cu =other oven'], facts: { 'terminal 7': { loadCurrentA: 18 } } },
    'not-seen',
  ],
  [
    'one leg of two clamped: the other may carry more',
    { lines: ['9+11 30 10cu dryer'], facts: { 'terminal 9': { loadCurrentA: 12 } } },
    'not-seen',
  ],
  [
    'both legs clamped',
    {
      lines: ['9+11 30 10cu dryer'],
      facts: { 'terminal 9': { loadCurrentA: 12 }, 'terminal 11': { loadCurrentA: 14 } },
    },
    'clear',
  ],
  [
    'one leg clamped above the breaker is found whatever the other carries',
    { lines: ['9+11 30 10cu dryer'], facts: { 'terminal 9': { loadCurrentA: 33 } } },
    'found: over',
  ],
  [
    'a range of 12 kW counts as 8 kW, and is not continuous: 33.3 A on 40 A',
    { lines: ['9+11 40 8cu =range 12000w range'] },
    'clear',
  ],
];

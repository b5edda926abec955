import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['two under a screw marked for one', { lines: ['7 20 2x12cu m1'] }, 'found: doubled'],
  [
    'an unequal pair under a screw marked for two',
    { lines: ['7 15 12al+14cu m2'] },
    'found: wrong-pair',
  ],
  ['breaker marked for two, equal copper', { lines: ['7 20 2x12cu m2'] }, 'clear'],
  ['one under the screw', { lines: ['7 20 12cu m1'] }, 'clear'],
  ['marking unread', { lines: ['7 20 2x12cu'] }, 'not-seen'],
  ['no conductor recorded', { lines: ['7 20 m1'] }, 'not-seen'],
  [
    'two under a screw of the main',
    {
      lines: ['main 100'],
      things: [
        ['conductor', 'a', 'panel', { function: 'hot', size: '8', metal: 'cu' }],
        ['conductor', 'b', 'panel', { function: 'hot', size: '8', metal: 'cu' }],
      ],
      facts: { main: { terminalTakes: 1 }, a: {}, b: {} },
    },
    'not-seen',
    'The main',
  ],
  [
    'a low-voltage lead of 18 beside the circuit’s wire',
    { lines: ['7 20 12cu+18cu m1'] },
    'found: doubled',
  ],
];

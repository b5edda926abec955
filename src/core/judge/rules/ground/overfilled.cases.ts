import type { RuleCase } from '../../../testing/rule-cases';

const three = ['1 20 12cu g4', '3 20 12cu g4', '5 20 12cu g4'];

export const cases: readonly RuleCase[] = [
  [
    'three under a screw for two',
    { panel: { labelGroundsPerTerminal: 2 }, lines: three },
    'found: overfilled',
    'Ground 4',
  ],
  [
    'two under a screw for two, counted',
    { panel: { labelGroundsPerTerminal: 2 }, lines: [...three.slice(0, 2), 'bar g all 2'] },
    'clear',
    'Ground 4',
  ],
  ['label unread', { lines: three }, 'not-seen', 'Ground 4'],
];

import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const wire = (size: Facts['size'] & string, nth: number): NonNullable<Given['things']>[number] => [
  'conductor',
  `w${nth}`,
  'panel',
  { function: 'ground', size, metal: 'cu', landsOn: 'gbar/t5' },
];
const takes = { gbar: { screwTakesFrom: '14', screwTakesTo: '8' } } as const;

export const cases: readonly RuleCase[] = [
  [
    '4 under a screw for 14 to 8',
    { things: [wire('4', 1)], facts: takes },
    'found: size',
    'Ground 5',
  ],
  [
    '14 and 8 under one screw',
    { things: [wire('14', 1), wire('8', 2)], facts: takes },
    'found: mixed',
    'Ground 5',
  ],
  ['10 under a screw for 14 to 8', { things: [wire('10', 1)], facts: takes }, 'clear', 'Ground 5'],
  [
    'two of 12: how many is another rule’s',
    { things: [wire('12', 1), wire('12', 2)], facts: takes },
    'clear',
    'Ground 5',
  ],
  [
    'a lug fitted for it',
    { things: [wire('4', 1)], facts: { ...takes, 'gbar/t5': { screwFits: true } } },
    'clear',
    'Ground 5',
  ],
  ['mark not read', { things: [wire('10', 1)] }, 'not-seen', 'Ground 5'],
];

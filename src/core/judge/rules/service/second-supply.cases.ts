import type { Given, RuleCase } from '../../../testing/rule-cases';

const source = (facts: NonNullable<Given['things']>[number][3]): Given => ({
  things: [['source', 's1', 'house', facts]],
});

export const cases: readonly RuleCase[] = [
  [
    'generator without interlock',
    source({ sourceKind: 'generator', interlock: 'none' }),
    'found: free',
  ],
  [
    'both can be closed now',
    source({ sourceKind: 'generator', interlock: 'none', bothCanClose: true }),
    'found: both',
  ],
  [
    'generator with listed interlock',
    source({ sourceKind: 'generator', interlock: 'listed' }),
    'clear',
  ],
  [
    'listed utility-interactive inverter',
    source({ sourceKind: 'inverter', interlock: 'none' }),
    'clear',
  ],
  ['kind not read', source({ sourceKind: 'unknown', interlock: 'none' }), 'not-seen'],
  ['none there', { building: { otherSupply: false } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const rod = (facts: Facts): Given => ({
  things: [['electrode', 'e', 'house', { electrodeKind: 'rod', ...facts }]],
});

export const cases: readonly RuleCase[] = [
  ['a metre apart', rod({ nextRod: 1000 }), 'found: close'],
  ['6 ft', rod({ nextRod: { value: 6, unit: 'ft' } }), 'clear'],
  ['1.8 m', rod({ nextRod: { value: 1.8, unit: 'm' } }), 'clear'],
  ['never measured', rod({}), 'not-seen'],
  [
    'a ring',
    { things: [['electrode', 'e', 'house', { electrodeKind: 'ring' }]] },
    'does-not-apply',
  ],
];

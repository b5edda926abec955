import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const rod = (facts: Facts): Given => ({
  things: [['electrode', 'e', 'house', { electrodeKind: 'rod', ...facts }]],
});

export const cases: readonly RuleCase[] = [
  ['a rod that was sawn off', rod({ rodState: 'cut' }), 'found: cut'],
  [
    '6 ft in the earth',
    rod({ rodState: 'whole', rodLength: { value: 6, unit: 'ft' } }),
    'found: short',
  ],
  ['8 ft in the earth', rod({ rodState: 'whole', rodLength: { value: 8, unit: 'ft' } }), 'clear'],
  ['2.44 m in the earth', rod({ rodState: 'whole', rodLength: 2440 }), 'clear'],
  ['length not known', rod({ rodState: 'whole' }), 'not-seen'],
  ['an encased bar', rod({ electrodeKind: 'encased' }), 'does-not-apply'],
];

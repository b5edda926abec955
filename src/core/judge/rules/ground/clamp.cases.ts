import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const rod = (facts: Facts): Given => ({ things: [['electrode', 'e', 'house', facts]] });

export const cases: readonly RuleCase[] = [
  ['corroded', rod({ clamp: 'corroded' }), 'found: unsound'],
  [
    'several under one',
    { things: [['pipe', 'p', 'house', { clamp: 'several' }]] },
    'found: unsound',
  ],
  ['tight and listed', rod({ clamp: 'sound' }), 'clear'],
  ['never looked', rod({}), 'not-seen'],
];

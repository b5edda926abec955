import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const heater = (facts: Facts): Given => ({
  things: [['outlet', 'o', 'house', { name: 'Water heater', outletKind: 'appliance', ...facts }]],
});

export const cases: readonly RuleCase[] = [
  ['neither', heater({ disconnectInSight: 'no' }), 'found: none'],
  ['its breaker locks off', heater({ disconnectInSight: 'locks-off' }), 'clear'],
  ['in sight', heater({ disconnectInSight: 'in-sight' }), 'clear'],
  ['never looked', heater({}), 'not-seen'],
];

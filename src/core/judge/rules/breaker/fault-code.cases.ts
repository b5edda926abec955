import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const seven = (facts: Facts, kind = 'af') => ({
  lines: [`7 20 12cu ${kind}`],
  facts: { 'device 7': facts },
});

export const cases: readonly RuleCase[] = [
  ['two blinks', seven({ faultCode: 'two blinks: series arc' }), 'found: code'],
  ['tested good', seven({ testButton: 'good' }), 'clear'],
  ['never read', seven({}), 'not-seen'],
  ['not electronic', seven({}, 'plain'), 'does-not-apply'],
  ['whether it is electronic not read', { lines: ['7 20 12cu'] }, 'not-seen'],
];

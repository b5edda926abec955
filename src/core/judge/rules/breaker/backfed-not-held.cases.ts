import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const seven = (facts: Facts) => ({ lines: ['1+3 60 6cu'], facts: { 'device 1': facts } });

export const cases: readonly RuleCase[] = [
  ['held by its clip alone', seven({ backfed: true, heldDown: false }), 'found: free'],
  ['held down', seven({ backfed: true, heldDown: true }), 'clear'],
  ['hold-down not looked for', seven({ backfed: true }), 'not-seen'],
  ['which way it is fed not seen', seven({}), 'not-seen'],
  ['fed by the bus', seven({ backfed: false }), 'does-not-apply'],
];

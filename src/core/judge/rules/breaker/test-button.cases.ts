import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const seven = (kind: string, facts: Facts) => ({
  lines: [`7 20 12cu ${kind}`],
  facts: { 'device 7': facts },
});

export const cases: readonly RuleCase[] = [
  [
    'ground-fault does not trip',
    seven('gf', { testButton: 'does-not-trip' }),
    'found: ground-fault',
  ],
  ['arc-fault does not reset', seven('af', { testButton: 'does-not-reset' }), 'found: arc-fault'],
  ['trips and resets', seven('gf', { testButton: 'good' }), 'clear'],
  ['never pressed', seven('gf', {}), 'not-seen'],
  ['ordinary', seven('plain', {}), 'does-not-apply'],
  ['whether it is electronic not read', { lines: ['7 20 12cu'] }, 'not-seen'],
];

import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const supply = (facts: Facts, fedBy: 'service' | 'disconnect' = 'disconnect'): Given => ({
  fedBy,
  panel: { supplySize: '3', supplyMetal: 'cu', ...facts },
});

export const cases: readonly RuleCase[] = [
  [
    'below the unbalanced load',
    supply({ supplyNeutralSize: '10', unbalancedDemandA: 60 }),
    'found: load',
  ],
  [
    'below the electrode conductor',
    supply({ supplySize: '2/0', supplyNeutralSize: '6' }, 'service'),
    'found: least',
  ],
  ['as large as the hots', supply({ supplyNeutralSize: '3' }), 'clear'],
  ['smaller, for a small load', supply({ supplyNeutralSize: '8', unbalancedDemandA: 30 }), 'clear'],
  ['size unread', supply({}), 'not-seen'],
  ['smaller, load not calculated', supply({ supplyNeutralSize: '8' }), 'not-seen'],
];

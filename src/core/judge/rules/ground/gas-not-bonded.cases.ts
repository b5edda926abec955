import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const pipe = (facts: Facts): Given => ({ things: [['pipe', 'p', 'house', facts]] });

export const cases: readonly RuleCase[] = [
  [
    'corrugated tubing without a bond',
    pipe({ pipeKind: 'csst', pipeBonded: 'not-bonded' }),
    'found: apart',
  ],
  [
    'its bond of 10',
    pipe({ pipeKind: 'csst', pipeBonded: 'bonded', bondSize: '10' }),
    'found: thin',
  ],
  [
    'metal pipe, no bond, no grounded appliance',
    pipe({ pipeKind: 'gas', pipeBonded: 'not-bonded', groundedAppliance: false }),
    'found: apart',
  ],
  [
    'corrugated tubing bonded by 6',
    pipe({ pipeKind: 'csst', pipeBonded: 'bonded', bondSize: '6' }),
    'clear',
  ],
  [
    'a grounded appliance on a metal pipe',
    pipe({ pipeKind: 'gas', groundedAppliance: true }),
    'clear',
  ],
  ['appliance grounds unknown', pipe({ pipeKind: 'gas', pipeBonded: 'not-bonded' }), 'not-seen'],
  ['never looked', {}, 'not-seen'],
  ['no gas', { building: { gasPiping: 'none' } }, 'does-not-apply'],
];

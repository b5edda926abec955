import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const source = (facts: Facts): Given => ({ things: [['source', 's', 'house', facts]] });
const inlet = { sourceKind: 'inlet' } as const;

export const cases: readonly RuleCase[] = [
  ['a lead with two plugs', source({ sourceKind: 'two-plugs' }), 'found: two-plugs'],
  [
    'joined twice',
    source({ ...inlet, generatorNeutral: 'bonded', neutralSwitched: false }),
    'found: twice',
  ],
  [
    'the neutral switched too',
    source({ ...inlet, generatorNeutral: 'bonded', neutralSwitched: true }),
    'clear',
  ],
  ['not joined in the generator', source({ ...inlet, generatorNeutral: 'floating' }), 'clear'],
  ['the generator was not there', source(inlet), 'not-seen'],
  ['solar', source({ sourceKind: 'inverter' }), 'does-not-apply'],
  ['no second supply', { building: { otherSupply: false } }, 'does-not-apply'],
];

import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const at = 'Main bonding jumper';
const wire = (facts: Facts): Given => ({
  panel: {
    bond: 'strap',
    bondJumper: 'wire',
    bondJumperMetal: 'cu',
    supplySize: '3/0',
    supplyMetal: 'cu',
    ...facts,
  },
});

export const cases: readonly RuleCase[] = [
  ['8 copper under 3/0', wire({ bondJumperSize: '8' }), 'found: small', at],
  ['4 copper under 3/0', wire({ bondJumperSize: '4' }), 'clear', at],
  ['2 copper under two sets of 3/0', wire({ bondJumperSize: '2', parallelSets: 2 }), 'clear', at],
  [
    'beyond the table: three sets of 500 want 187.5 kcmil, 3/0 has 167.8',
    wire({ bondJumperSize: '3/0', supplySize: '500', parallelSets: 3 }),
    'found: small',
    at,
  ],
  ['4/0 there', wire({ bondJumperSize: '4/0', supplySize: '500', parallelSets: 3 }), 'clear', at],
  ['size not read', wire({}), 'not-seen', at],
  ['the strap made for it', { panel: { bond: 'strap', bondJumper: 'factory' } }, 'clear', at],
  ['a screw', { panel: { bond: 'screw' } }, 'does-not-apply', at],
  [
    'downstream',
    { fedBy: 'disconnect', panel: { bond: 'strap', bondJumper: 'wire' } },
    'does-not-apply',
    at,
  ],
];

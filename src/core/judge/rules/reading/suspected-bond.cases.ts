import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const shed = (facts: Facts): Given => ({
  fedBy: 'disconnect',
  panel: {
    supplyNeutralSize: '6',
    supplyMetal: 'cu',
    supplyLength: { value: 30, unit: 'm' },
    ...facts,
  },
});

export const cases: readonly RuleCase[] = [
  ['0.00 V with 18 A', shed({ ngV: 0, neutralA: 18 }), 'found: suspected'],
  ['0.9 V with 18 A', shed({ ngV: 0.9, neutralA: 18 }), 'clear'],
  ['never measured', shed({}), 'not-seen'],
  ['current not measured at the same time', shed({ ngV: 0 }), 'not-seen'],
  ['too little current to say anything', shed({ ngV: 0, neutralA: 0.5 }), 'does-not-apply'],
  ['first disconnect', { panel: { ngV: 0 } }, 'does-not-apply'],
];

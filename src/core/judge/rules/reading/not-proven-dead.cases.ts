import type { Facts } from '../../../record/entries/properties';
import type { PropertyValue } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const worked = (provenDead?: PropertyValue<'provenDead'>) => ({
  facts: { 'panel/l1': { workedOn: true, ...(provenDead && { provenDead }) } },
});

const proof = {
  proveBeforeV: 121,
  deadAbV: 0,
  deadAnV: 0.2,
  deadBnV: 0,
  deadAgV: 0,
  deadBgV: 0,
  deadNgV: 0,
  proveAfterV: 121,
};
const read = (but: Facts) => ({
  panel: Object.fromEntries(
    Object.entries({ ...proof, ...but }).filter(([, value]) => value !== undefined),
  ) as Facts,
  facts: { 'panel/l1': { workedOn: true } },
});

export const cases: readonly RuleCase[] = [
  ['no proof made', worked('no'), 'found: unproven'],
  ['in another order', worked('partly'), 'found: unproven'],
  ['proven', worked('proven'), 'clear'],
  ['proof not recorded', worked(), 'not-seen'],
  ['no work', {}, 'does-not-apply'],
  ['proven by the readings', read({}), 'clear'],
  ['a pair still live', read({ deadAnV: 118 }), 'found: unproven'],
  ['a pair not read', read({ deadNgV: undefined }), 'not-seen'],
];

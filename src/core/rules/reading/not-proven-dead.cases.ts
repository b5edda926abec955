import type { PropertyValue } from '../../entries/properties';
import type { RuleCase } from '../../testing/rule-cases';

const worked = (provenDead?: PropertyValue<'provenDead'>) => ({
  facts: { 'panel/l1': { workedOn: true, ...(provenDead && { provenDead }) } },
});

export const cases: readonly RuleCase[] = [
  ['no proof made', worked('no'), 'found: unproven'],
  ['in another order', worked('partly'), 'found: unproven'],
  ['proven', worked('proven'), 'clear'],
  ['proof not recorded', worked(), 'not-seen'],
  ['no work', {}, 'does-not-apply'],
];

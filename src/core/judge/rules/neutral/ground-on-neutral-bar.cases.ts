import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const shed = (
  bond?: PropertyValue<'bond'>,
  fedBy: 'service' | 'disconnect' = 'disconnect',
): Given => ({
  fedBy,
  panel: bond ? { bond } : {},
  lines: ['7 20 12cu n3 g4@n'],
});

export const cases: readonly RuleCase[] = [
  ['downstream, kept apart', shed('none'), 'found: ground'],
  ['the bar joined to the enclosure', shed('strap'), 'clear'],
  ['bond not looked for', shed(), 'not-seen'],
  ['first disconnect', shed('strap', 'service'), 'does-not-apply'],
];

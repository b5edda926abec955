import type { PropertyValue } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const bar = (barBonded: PropertyValue<'barBonded'>) => ({ facts: { gbar: { barBonded } } });

export const cases: readonly RuleCase[] = [
  ['floats', bar('floats'), 'found: apart'],
  ['paint under it', bar('paint'), 'found: apart'],
  ['bonded', bar('bonded'), 'clear'],
  ['never looked', {}, 'not-seen'],
];

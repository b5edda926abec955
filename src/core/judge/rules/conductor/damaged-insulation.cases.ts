import type { PropertyValue } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const wire = (insulationState: PropertyValue<'insulationState'>) => ({
  lines: ['7 20 12cu'],
  facts: { 'wire 7': { insulationState } },
});

export const cases: readonly RuleCase[] = [
  ['brittle', wire('brittle'), 'found: damaged'],
  ['nicked', wire('nicked'), 'found: damaged'],
  ['sound', wire('sound'), 'clear'],
  ['never looked', { lines: ['7 20 12cu'] }, 'not-seen'],
  ['a nick that shows no bare metal', wire('nicked-whole'), 'found: nicked'],
  ['bare metal within reach of metal', wire('bare-in-reach'), 'found: damaged'],
];

import type { PropertyValue } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const seven = (terminalFit: PropertyValue<'terminalFit'>) => ({
  lines: ['7 20 12cu'],
  facts: { 'terminal 7': { terminalFit } },
});

export const cases: readonly RuleCase[] = [
  ['strands cut', seven('strands'), 'found: misfit'],
  ['insulation clamped', seven('insulation'), 'found: misfit'],
  ['fits', seven('fits'), 'clear'],
  ['never looked', { lines: ['7 20 12cu'] }, 'not-seen'],
];

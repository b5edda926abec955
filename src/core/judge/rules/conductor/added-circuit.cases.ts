import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const yellow = (permitsKnown?: PropertyValue<'permitsKnown'>, yearBuilt = 1964): Given => ({
  building: permitsKnown ? { permitsKnown } : {},
  panel: { yearBuilt },
  lines: ['7 20 12cu j:yellow'],
});

export const cases: readonly RuleCase[] = [
  ['works without a permit', yellow('no-permit'), 'found: added'],
  ['no works known, and yet it is there', yellow('none'), 'found: added'],
  ['with permits', yellow('permitted'), 'clear'],
  ['of the age of the panel', yellow('no-permit', 2004), 'clear'],
  ['permits not asked for', yellow(), 'not-seen'],
  ['age not told', { lines: ['7 20 12cu'] }, 'not-seen'],
  [
    'a jacket that tells no age in a panel somebody changed',
    {
      panel: { yearBuilt: 1964, signsOfOpening: ['parts'] },
      building: { permitsKnown: 'none' },
      lines: ['7 20 12cu j:white'],
    },
    'not-seen',
  ],
  [
    'a jacket that tells no age, nothing ever changed',
    {
      panel: { yearBuilt: 1964, signsOfOpening: [] },
      building: { permitsKnown: 'none' },
      lines: ['7 20 12cu j:white'],
    },
    'clear',
  ],
  [
    'the circuit’s own permit',
    { ...yellow('no-permit'), facts: { 'circuit 7': { underPermit: 'ML-2003-17' } } },
    'clear',
  ],
  [
    'said to be added without one',
    { ...yellow('permitted'), facts: { 'cable 7': { partWork: 'no-permit' } } },
    'found: said',
  ],
];

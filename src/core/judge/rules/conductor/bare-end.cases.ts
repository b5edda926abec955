import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const loose = (endState?: PropertyValue<'endState'>): Given => ({
  things: [['conductor', 'w', 'panel', endState ? { endState } : {}]],
});

export const cases: readonly RuleCase[] = [
  ['bare', loose('bare'), 'found: bare'],
  ['bare and live', loose('bare-live'), 'found: live'],
  ['capped', loose('capped'), 'clear'],
  ['on its screw', { lines: ['7 20 12cu'] }, 'clear'],
  ['never looked', loose(), 'not-seen'],
];

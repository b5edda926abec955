import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const joined = (facts: Facts, watts = 1200): Given => ({
  lines: [`7 20 12cu =other ${watts}w bench`],
  facts: { 'circuit 7': facts },
});

export const cases: readonly RuleCase[] = [
  ['three in a twist', joined({ joinedCables: 3, jointListed: false }), 'found: joint'],
  [
    'more load than the breaker',
    joined({ joinedCables: 3, jointListed: true }, 3000),
    'found: load',
  ],
  ['listed joint within limits', joined({ joinedCables: 2, jointListed: true }), 'clear'],
  ['one cable', joined({ joinedCables: 1 }), 'clear'],
  ['untraced', { lines: ['7 20 12cu bench'] }, 'not-seen'],
  ['joint not looked at', joined({ joinedCables: 2 }), 'not-seen'],
];

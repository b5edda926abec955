import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'a nail through both handles',
    { lines: ['19+21 30'], facts: { 'device 19': { tie: 'improvised' } } },
    'found: improvised',
  ],
  ['made as one', { lines: ['19+21 30'], facts: { 'device 19': { tie: 'factory' } } }, 'clear'],
  ['a listed tie', { lines: ['19+21 30'], facts: { 'device 19': { tie: 'listed' } } }, 'clear'],
  ['never looked', { lines: ['19+21 30'] }, 'not-seen'],
];

import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['tripped', { lines: ['7 20 12cu !tripped'] }, 'found: off'],
  [
    'marked to leave off',
    { lines: ['7 20 12cu'], facts: { 'device 7': { handleState: 'leave-off' } } },
    'found: off',
  ],
  ['on', { lines: ['7 20 12cu'], facts: { 'device 7': { handleState: 'on' } } }, 'clear'],
  ['never recorded', { lines: ['7 20 12cu'] }, 'not-seen'],
];

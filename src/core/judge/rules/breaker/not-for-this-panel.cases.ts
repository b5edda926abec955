import type { RuleCase } from '../../../testing/rule-cases';

const list = { panel: { labelAccepts: ['Tarnholt TA', 'Oskelund'] } };

export const cases: readonly RuleCase[] = [
  ['another maker', { ...list, lines: ['7 20 @merrowby'] }, 'found: off-list'],
  [
    'another type of the maker',
    { ...list, lines: ['7 20 @tarnholt'], facts: { 'device 7': { breakerType: 'TZ' } } },
    'found: off-list',
  ],
  ['a replacement the list names', { ...list, lines: ['7 20 @oskelund'] }, 'clear'],
  ['list unread', { lines: ['7 20 @merrowby'] }, 'not-seen'],
  ['type unread', { ...list, lines: ['7 20 @tarnholt'] }, 'not-seen'],
  [
    'another maker’s, marked as classified for this panel',
    {
      panel: { labelAccepts: ['Tarnholt'] },
      lines: ['7 20 @merrowby'],
      facts: { 'device 7': { classifiedFor: true } },
    },
    'clear',
  ],
];

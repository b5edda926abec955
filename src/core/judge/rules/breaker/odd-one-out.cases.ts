import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'one of another maker',
    { lines: ['1 20 @tarnholt', '3 20 @tarnholt', '5 20 @merrowby'] },
    'found: odd',
  ],
  [
    'one much younger',
    { panel: { yearBuilt: 1964 }, lines: ['1 20 @tarnholt y1999', '3 20 @tarnholt'] },
    'found: odd',
  ],
  [
    'all alike',
    {
      panel: { yearBuilt: 1999 },
      lines: ['1 20 @tarnholt y1999', '3 20 @tarnholt y2001'],
    },
    'clear',
  ],
  ['ages not told', { lines: ['1 20 @tarnholt', '3 20 @tarnholt'] }, 'not-seen'],
  ['makers unread', { lines: ['1 20', '3 20'] }, 'not-seen'],
  ['one breaker', { lines: ['1 20'] }, 'does-not-apply'],
];

import type { RuleCase } from '../../../testing/rule-cases';

const nine = (busCondition: 'bright' | 'burned') => ({ facts: { 'position 9': { busCondition } } });

export const cases: readonly RuleCase[] = [
  ['melted stab', nine('burned'), 'found: burned', 'Position 9'],
  [
    'blanked and marked, with nothing on it',
    {
      facts: { 'position 9': { busCondition: 'burned', opening: 'blanked', barred: true } },
    },
    'found: barred',
    'Position 9',
  ],
  [
    'marked, and a breaker on it again',
    {
      lines: ['9 20 12cu'],
      facts: { 'position 9': { busCondition: 'burned', barred: true } },
    },
    'found: burned',
    'Position 9',
  ],
  ['bright', nine('bright'), 'clear', 'Position 9'],
  ['never looked', {}, 'not-seen'],
];

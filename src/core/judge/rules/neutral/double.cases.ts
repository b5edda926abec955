import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'two circuits’ neutrals',
    { lines: ['3 15 14cu n3', '5 20 14cu n3'] },
    'found: neutrals',
    'Neutral 3',
  ],
  [
    'one of them shared',
    { lines: ['2 20 12cu n3', '4 20 12cu ~2', '6 20 12cu n3'] },
    'found: shared',
    'Neutral 3',
  ],
  ['neutral with a ground', { lines: ['3 15 14cu n3 g3@n'] }, 'found: with-ground', 'Neutral 3'],
  ['one neutral, bar counted', { lines: ['3 15 14cu n3', 'bar n all 1'] }, 'clear', 'Neutral 3'],
  ['bar not counted', { lines: ['3 15 14cu n3'] }, 'not-seen'],
];

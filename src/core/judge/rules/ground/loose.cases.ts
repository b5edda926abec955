import type { RuleCase } from '../../../testing/rule-cases';

const one = { lines: ['7 20 12cu m1 n1 g1'] };

export const cases: readonly RuleCase[] = [
  [
    'a ground that moves under its screw',
    { ...one, facts: { 'ground 1': { tightness: 'loose' } } },
    'found: loose',
  ],
  ['firm', { ...one, facts: { 'ground 1': { tightness: 'firm' } } }, 'clear'],
  ['nobody touched it', one, 'not-seen'],
];

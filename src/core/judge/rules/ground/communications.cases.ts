import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['none', { building: { intersystemBond: false } }, 'found: none'],
  ['there', { building: { intersystemBond: true } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

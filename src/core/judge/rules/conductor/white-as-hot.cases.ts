import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['white on a breaker', { lines: ['7 20 12cu:w'] }, 'found: unmarked'],
  ['in a raceway, re-marked', { lines: ['7 20 12cu:w* in:thw'] }, 'found: raceway'],
  ['white re-marked, in a cable', { lines: ['7 20 12cu:w* in:nm'] }, 'clear'],
  ['black', { lines: ['7 20 12cu:b'] }, 'clear'],
  ['colour unread', { lines: ['7 20 12cu'] }, 'not-seen'],
];

import type { RuleCase } from '../../../testing/rule-cases';

const nine = (busCondition: 'bright' | 'burned') => ({ facts: { 'position 9': { busCondition } } });

export const cases: readonly RuleCase[] = [
  ['melted stab', nine('burned'), 'found: burned', 'Position 9'],
  ['bright', nine('bright'), 'clear', 'Position 9'],
  ['never looked', {}, 'not-seen'],
];

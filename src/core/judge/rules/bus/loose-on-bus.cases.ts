import type { RuleCase } from '../../../testing/rule-cases';

const breaker = (tightness?: 'loose' | 'firm' | 'falls-off') => ({
  lines: ['9 20 12cu'],
  ...(tightness && { facts: { 'device 9': { tightness } } }),
});

export const cases: readonly RuleCase[] = [
  ['rocks', breaker('loose'), 'found: rocks'],
  ['falls out', breaker('falls-off'), 'found: rocks'],
  ['firm', breaker('firm'), 'clear'],
  ['never touched', breaker(), 'not-seen'],
];

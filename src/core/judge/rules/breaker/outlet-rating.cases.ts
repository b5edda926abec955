import type { RuleCase } from '../../../testing/rule-cases';

const range = (breakerA: number, outletRatingA?: number): RuleCase[1] => ({
  lines: [`10+12 ${breakerA} 6cu =range range`],
  ...(outletRatingA && { facts: { 'load 10': { outletRatingA } } }),
});

export const cases: readonly RuleCase[] = [
  ['50 A outlet on 60 A', range(60, 50), 'found: small'],
  ['50 A outlet on 40 A', range(40, 50), 'clear'],
  ['outlet unread', range(60), 'not-seen'],
  [
    'a motor',
    { lines: ['10+12 40 8cu =motor pump'], facts: { 'load 10': { outletRatingA: 30 } } },
    'does-not-apply',
  ],
];

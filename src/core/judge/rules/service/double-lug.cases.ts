import type { RuleCase } from '../../../testing/rule-cases';

const lug = (lugHolds: number, lugTakes?: number) => ({
  facts: { 'panel/l2': { lugHolds, ...(lugTakes && { lugTakes }) } },
});

export const cases: readonly RuleCase[] = [
  ['two in a lug for one', lug(2, 1), 'found: over', 'Lug B'],
  ['three in a lug for two', lug(3, 2), 'found: over', 'Lug B'],
  ['two in a lug for two', lug(2, 2), 'clear', 'Lug B'],
  ['one', lug(1), 'clear', 'Lug B'],
  ['two, the mark not read', lug(2), 'not-seen', 'Lug B'],
  ['never counted', {}, 'not-seen'],
];

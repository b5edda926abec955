import type { RuleCase } from '../../../testing/rule-cases';

const at = 'Position 9';
const nine = (busCondition: 'bright' | 'discoloured' | 'burned') => ({
  facts: { 'position 9': { busCondition } },
});

export const cases: readonly RuleCase[] = [
  [
    'blanked and marked, with nothing on it',
    { facts: { 'position 9': { busCondition: 'discoloured', opening: 'blanked', barred: true } } },
    'found: barred',
    'Position 9',
  ],
  ['discoloured', nine('discoloured'), 'found: tinted', at],
  ['bright', nine('bright'), 'clear', at],
  ['never looked', {}, 'not-seen', at],
  ['burned', nine('burned'), 'does-not-apply', at],
];

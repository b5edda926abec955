import type { RuleCase } from '../../../testing/rule-cases';

const first = {};

export const cases: readonly RuleCase[] = [
  ['crimped through', { ...first, panel: { neutralSeparates: 'none' } }, 'found: fixed'],
  ['a lug', { ...first, panel: { neutralSeparates: 'link' } }, 'clear'],
  ['never looked', first, 'not-seen'],
  [
    'a downstream panel',
    { fedBy: 'disconnect', panel: { neutralSeparates: 'none' } },
    'does-not-apply',
  ],
];

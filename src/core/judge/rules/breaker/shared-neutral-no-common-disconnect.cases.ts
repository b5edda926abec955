import type { RuleCase } from '../../../testing/rule-cases';

const pair = ['2 20 12cu n12', '4 20 12cu ~2'];
const ties = (tie: 'none' | 'listed') => ({ 'device 2': { tie }, 'device 4': { tie } });

export const cases: readonly RuleCase[] = [
  ['handles free', { lines: pair, facts: ties('none') }, 'found: free'],
  [
    'a nail is no tie',
    { lines: pair, facts: { 'device 2': { tie: 'improvised' } } },
    'found: free',
  ],
  ['a listed tie', { lines: pair, facts: ties('listed') }, 'clear'],
  ['never looked', { lines: pair }, 'not-seen'],
];

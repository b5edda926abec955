import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['a hole open', { panel: { knockoutsClosed: 'open' } }, 'found: open'],
  ['one pressed back', { panel: { knockoutsClosed: 'pressed' } }, 'found: pressed'],
  [
    'one recorded by itself',
    { things: [['knockout', 'k1', 'panel', { knockoutState: 'open' }]] },
    'found: open',
  ],
  ['all closed', { panel: { knockoutsClosed: 'closed' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

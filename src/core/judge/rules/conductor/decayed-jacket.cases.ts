import type { RuleCase } from '../../../testing/rule-cases';

const cable = (jacketState: 'sound' | 'decayed') => ({
  lines: ['7 20 12cu'],
  facts: { 'cable 7': { jacketState } },
});

export const cases: readonly RuleCase[] = [
  ['in strips', cable('decayed'), 'found: decayed'],
  ['sound', cable('sound'), 'clear'],
  ['never looked', { lines: ['7 20 12cu'] }, 'not-seen'],
  [
    'a whole jacket that faded',
    { lines: ['7 20 12cu'], facts: { 'cable 7': { jacketState: 'faded' } } },
    'clear',
  ],
];

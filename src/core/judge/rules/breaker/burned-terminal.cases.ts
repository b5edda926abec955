import type { RuleCase } from '../../../testing/rule-cases';

const seven = (facts: object) => ({ lines: ['7 20 12cu'], facts: { 'terminal 7': facts } });

export const cases: readonly RuleCase[] = [
  ['heat mark', seven({ heatMark: true }), 'found: hot'],
  ['heat marked on the line', { lines: ['7 20 12cu !heat'] }, 'found: hot'],
  ['charred', seven({ melted: true }), 'found: burned'],
  ['looked at, none', seven({ heatMark: false, melted: false }), 'clear'],
  ['never looked', { lines: ['7 20 12cu'] }, 'not-seen'],
  [
    'a device looked at clears itself, not its screw',
    { lines: ['7 20 12cu'], facts: { 'device 7': { heatMark: false } } },
    'not-seen',
  ],
];

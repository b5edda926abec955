import type { RuleCase } from '../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['half full of passing wires', { panel: { fillPercent: 50 } }, 'found: fill'],
  ['80 % at splices', { panel: { spliceFillPercent: 80 } }, 'found: splices'],
  [
    'fourteen bundled',
    { panel: { bundledOver600: 14 }, lines: ['7 20 12cu in:nm'] },
    'found: bundle',
  ],
  [
    'six bundled of cable since 1985',
    {
      panel: { fillPercent: 20, spliceFillPercent: 0, bundledOver600: 6 },
      lines: ['7 20 12cu in:nm'],
      facts: { 'cable 7': { cableAge: 'from-2001' } },
    },
    'clear',
  ],
  [
    'room and no bundle',
    { panel: { fillPercent: 20, spliceFillPercent: 0, bundledOver600: 0 } },
    'clear',
  ],
  ['splices not looked at', { panel: { fillPercent: 20, bundledOver600: 0 } }, 'not-seen'],
  ['never estimated', {}, 'not-seen'],
];

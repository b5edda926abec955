import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const bundle = (cables: number, facts: Facts): Given => ({
  panel: { fillPercent: 20, spliceFillPercent: 0 },
  lines: Array.from(
    { length: cables },
    (_, index) => `${index * 2 + 1} 20 12cu in:nm n${index + 1}`,
  ),
  facts: Object.fromEntries(
    Array.from({ length: cables }, (_, index) => [`cable ${index * 2 + 1}`, facts]),
  ),
});

export const cases: readonly RuleCase[] = [
  ['half full of passing wires', { panel: { fillPercent: 50 } }, 'found: fill'],
  ['80 % at splices', { panel: { spliceFillPercent: 80 } }, 'found: splices'],
  [
    'seven cables in one bundle: fourteen wires',
    bundle(7, { bundle: 1, bundledLength: 900 }),
    'found: bundle',
  ],
  ['the same for half a metre', bundle(7, { bundle: 1, bundledLength: 500 }), 'clear'],
  ['how long they run bundled not said', bundle(7, { bundle: 1 }), 'not-seen'],
  [
    'three cables of 1990: six wires at 80 % of 30 A',
    bundle(3, { bundle: 1, bundledLength: 900, cableAge: '1985-2000' }),
    'clear',
  ],
  [
    'four cables whose age nobody read: one column passes',
    bundle(4, { bundle: 1, bundledLength: 900 }),
    'not-seen',
  ],
  [
    'three cables of 1990 in air of 50 °C',
    bundle(3, { bundle: 1, bundledLength: 900, cableAge: '1985-2000', ambientC: 50 }),
    'clear',
  ],
  [
    'six cables of 1990 in air of 50 °C: 30 × 0.5 × 0.82',
    bundle(6, { bundle: 1, bundledLength: 900, cableAge: '1985-2000', ambientC: 50 }),
    'found: bundle',
  ],
  [
    'fourteen bundled, which wires not said',
    {
      panel: { fillPercent: 20, spliceFillPercent: 0, bundledOver600: 14 },
      lines: ['7 20 12cu in:nm'],
    },
    'not-seen',
  ],
  [
    'six bundled, whichever they are: every cable is of 2001 or later',
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

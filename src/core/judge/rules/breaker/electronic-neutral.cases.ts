import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const seven = (facts: Facts) => ({ lines: ['7 20 12cu gf'], facts: { 'device 7': facts } });

export const cases: readonly RuleCase[] = [
  ['pigtail off the bar', seven({ pigtail: 'off' }), 'found: pigtail'],
  ['load neutral on the bar', seven({ pigtail: 'landed', loadNeutral: 'on-bar' }), 'found: load'],
  ['crossed', seven({ loadNeutral: 'crossed' }), 'found: load'],
  ['as its instructions say', seven({ pigtail: 'landed', loadNeutral: 'on-device' }), 'clear'],
  ['never followed', seven({}), 'not-seen'],
  ['whether it is electronic not read', { lines: ['7 20 12cu'] }, 'not-seen'],
  [
    'a breaker that plugs onto the neutral bar has no pigtail',
    { panel: { plugOnNeutral: true }, lines: ['7 20 12cu gf'] },
    'does-not-apply',
  ],
  [
    'a load without neutral',
    {
      lines: ['9+11 30 10cu gf =heater heater'],
      facts: { 'load 9': { loadPoles: 'line-to-line' } },
    },
    'does-not-apply',
  ],
];

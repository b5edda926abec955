import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const screw = (facts: Facts) => ({ lines: ['7 20 12cu n3'], facts: { 'neutral 3': facts } });

export const cases: readonly RuleCase[] = [
  ['moves at a touch', screw({ tightness: 'loose' }), 'found: loose'],
  ['heat mark', screw({ heatMark: true }), 'found: hot'],
  ['firm, no heat', screw({ tightness: 'firm', heatMark: false }), 'clear'],
  ['firm, heat not looked for', screw({ tightness: 'firm' }), 'not-seen'],
  ['never touched', { lines: ['7 20 12cu n3'] }, 'not-seen'],
];

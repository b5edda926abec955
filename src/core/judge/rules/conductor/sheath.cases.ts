import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const cable = (facts: Facts) => ({ lines: ['7 20 12cu m1 n1 in:nm'], facts: { 'cable 7': facts } });

export const cases: readonly RuleCase[] = [
  ['stripped above the panel', cable({ sheathEnds: 'outside' }), 'found: outside'],
  ['3 mm inside', cable({ sheathEnds: 'short' }), 'found: outside'],
  ['two in a connector for one', cable({ cableClamp: 'shared' }), 'found: shared'],
  ['far inside', cable({ sheathEnds: 'long' }), 'found: long'],
  ['10 mm inside', cable({ sheathEnds: 'inside', cableClamp: 'clamped' }), 'clear'],
  ['how it enters not looked at', cable({ sheathEnds: 'inside' }), 'not-seen'],
  ['never looked', cable({}), 'not-seen'],
];

import type { RuleCase } from '../../../testing/rule-cases';

const cable = (cableClamp: 'clamped' | 'none') => ({
  lines: ['7 20 12cu'],
  facts: { 'cable 7': { cableClamp } },
});

export const cases: readonly RuleCase[] = [
  ['a bare hole', cable('none'), 'found: loose'],
  ['a connector', cable('clamped'), 'clear'],
  ['never looked', { lines: ['7 20 12cu'] }, 'not-seen'],
];

import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['wipes off', { panel: { scorch: 'wipes' } }, 'found: soot'],
  ['does not wipe off', { panel: { scorch: 'stays' } }, 'found: soot'],
  ['none', { panel: { scorch: 'none' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  [
    'soot at a position',
    { panel: { scorch: 'stays', scorchAt: [9] } },
    'found: soot',
    'Cover at 9',
  ],
];

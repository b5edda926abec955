import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['a screw into the box', { panel: { penetration: 'into-box' } }, 'found: into'],
  ['touching the bus', { panel: { penetration: 'touching' } }, 'found: into'],
  ['none', { panel: { penetration: 'none' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

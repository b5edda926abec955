import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['missing', { panel: { directory: 'missing' } }, 'found: poor'],
  ['contradicted by the trace', { panel: { directory: 'contradicted' } }, 'found: poor'],
  ['specific', { panel: { directory: 'specific' } }, 'clear'],
  ['never read', {}, 'not-seen'],
];

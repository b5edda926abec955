import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['missing', { panel: { bushing: 'missing' } }, 'found: missing'],
  ['fitted', { panel: { bushing: 'fitted' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

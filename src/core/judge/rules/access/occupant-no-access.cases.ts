import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['locked away', { panel: { occupantReaches: false } }, 'found: locked'],
  ['within reach', { panel: { occupantReaches: true } }, 'clear'],
  ['never asked', {}, 'not-seen'],
];

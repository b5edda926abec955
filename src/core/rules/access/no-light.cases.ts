import type { RuleCase } from '../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['no lamp', { panel: { lightThere: false } }, 'found: dark'],
  ['a lamp', { panel: { lightThere: true } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

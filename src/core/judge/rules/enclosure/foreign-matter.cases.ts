import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['shavings', { panel: { foreignMatter: 'shavings' } }, 'found: there'],
  ['paint on live parts', { panel: { foreignMatter: 'paint' } }, 'found: there'],
  ['none', { panel: { foreignMatter: 'none' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

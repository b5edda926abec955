import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['missing', { panel: { ratingLabel: 'missing' } }, 'found: gone'],
  ['painted over', { panel: { ratingLabel: 'illegible' } }, 'found: gone'],
  ['legible', { panel: { ratingLabel: 'legible' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

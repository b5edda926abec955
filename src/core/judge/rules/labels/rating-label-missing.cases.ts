import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['missing', { panel: { ratingLabel: 'missing' } }, 'found: gone'],
  ['painted over', { panel: { ratingLabel: 'illegible' } }, 'found: gone'],
  ['legible', { panel: { ratingLabel: 'legible' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  ['a figure was read off it', { panel: { labelBusA: 125 } }, 'clear'],
  [
    'painted over, whatever figure somebody knows',
    { panel: { ratingLabel: 'illegible', labelBusA: 125 } },
    'found: gone',
  ],
];

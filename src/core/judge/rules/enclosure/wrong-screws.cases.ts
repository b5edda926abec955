import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['pointed', { panel: { coverScrews: 'pointed' } }, 'found: wrong'],
  [
    'pointed and near conductors',
    { panel: { coverScrews: 'pointed', pointedNearConductors: true } },
    'found: wrong',
  ],
  ['missing', { panel: { coverScrews: 'missing' } }, 'found: wrong'],
  ['the right ones', { panel: { coverScrews: 'right' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

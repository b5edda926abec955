import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'a nameplate of the registry',
    { panel: { maker: 'Dunvarick', model: 'FS-20' } },
    'found: family',
  ],
  ['a family without a history', { panel: { maker: 'Tarnholt', model: 'TL-24' } }, 'clear'],
  ['a maker not in the registry', { panel: { maker: 'Skerrow', model: 'S1' } }, 'not-seen'],
  ['maker unread', {}, 'not-seen'],
  ['model unread', { panel: { maker: 'Dunvarick' } }, 'not-seen'],
];

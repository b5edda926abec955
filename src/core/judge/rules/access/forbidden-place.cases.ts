import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['in a clothes closet', { panel: { placedIn: 'clothes-closet' } }, 'found: placed'],
  [
    'in the bathroom of a house',
    { building: { buildingKind: 'house' }, panel: { placedIn: 'bathroom' } },
    'found: placed',
  ],
  [
    'in the wash room of a shop',
    { building: { buildingKind: 'shop' }, panel: { placedIn: 'bathroom' } },
    'does-not-apply',
  ],
  ['in a bathroom, of what not said', { panel: { placedIn: 'bathroom' } }, 'not-seen'],
  ['over steps', { panel: { placedIn: 'over-steps' } }, 'found: placed'],
  ['in a hall', { panel: { placedIn: 'open' } }, 'clear'],
  ['room not said', {}, 'not-seen'],
];

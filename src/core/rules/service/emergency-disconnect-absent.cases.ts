import type { RuleCase } from '../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'a house without one',
    { building: { buildingKind: 'house', emergencyDisconnect: false } },
    'found: absent',
  ],
  ['a house with one', { building: { buildingKind: 'house', emergencyDisconnect: true } }, 'clear'],
  ['never looked', { building: { buildingKind: 'house' } }, 'not-seen'],
  ['kind of building not said', {}, 'not-seen'],
  ['a shop', { building: { buildingKind: 'shop' } }, 'does-not-apply'],
];

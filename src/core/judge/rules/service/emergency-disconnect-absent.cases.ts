import type { RuleCase } from '../../../testing/rule-cases';

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
  [
    'a building of six flats',
    { building: { buildingKind: 'flats', dwellings: 6, emergencyDisconnect: false } },
    'does-not-apply',
  ],
  [
    'flats, how many not counted',
    { building: { buildingKind: 'flats', emergencyDisconnect: false } },
    'not-seen',
  ],
];

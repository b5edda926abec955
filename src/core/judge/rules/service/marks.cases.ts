import type { RuleCase } from '../../../testing/rule-cases';

const shop = { buildingKind: 'shop', yearBuilt: 2015 } as const;
const house = { buildingKind: 'house', dwellings: 1, emergencyDisconnect: true } as const;

export const cases: readonly RuleCase[] = [
  [
    'a shop, no fault current',
    { building: shop, panel: { faultCurrentMark: false } },
    'found: missing',
  ],
  ['a shop, marked', { building: shop, panel: { faultCurrentMark: true } }, 'clear'],
  ['a shop, never looked', { building: shop }, 'not-seen'],
  ['a house asks none', { building: { buildingKind: 'house' } }, 'does-not-apply'],
  [
    'a series rating without its mark',
    { building: { buildingKind: 'house' }, panel: { seriesRatingKa: 22, seriesMark: false } },
    'found: missing',
  ],
  [
    'an emergency disconnect without its mark',
    { building: house, things: [['disconnect', 'out', 'house', { emergencyMark: false }]] },
    'found: missing',
  ],
  [
    'an emergency disconnect, marked',
    { building: house, things: [['disconnect', 'out', 'house', { emergencyMark: true }]] },
    'clear',
  ],
  ['a panel downstream', { fedBy: 'disconnect', building: shop }, 'does-not-apply'],
];

import type { RuleCase } from '../../../testing/rule-cases';

const house = { buildingKind: 'house' } as const;

export const cases: readonly RuleCase[] = [
  ['a house without', { building: { ...house, surgeThere: false } }, 'found: absent'],
  ['a house with', { building: { ...house, surgeThere: true } }, 'clear'],
  ['a device on positions', { building: house, lines: ['1+3 surge'] }, 'clear'],
  ['never looked', { building: house }, 'not-seen'],
  ['a shop', { building: { buildingKind: 'shop', surgeThere: false } }, 'does-not-apply'],
];

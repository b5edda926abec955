import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const stair = (meteredTo?: PropertyValue<'meteredTo'>): Given => ({
  building: { buildingKind: 'flats' },
  panel: meteredTo ? { meteredTo } : {},
  lines: ['7 15 14cu stair'],
  facts: { 'circuit 7': { places: ['common-area'] } },
});

export const cases: readonly RuleCase[] = [
  ['stair light on a tenant’s panel', stair('tenant'), 'found: shared'],
  ['on the owner’s panel', stair('owner'), 'clear'],
  ['whose meter not known', stair(), 'not-seen'],
  ['never traced', { lines: ['7 15 14cu stair'] }, 'not-seen'],
  [
    'one household',
    { building: { buildingKind: 'house' }, lines: ['7 15 14cu stair'] },
    'does-not-apply',
  ],
];

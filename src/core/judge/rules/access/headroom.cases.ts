import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'low over a shop panel',
    { building: { buildingKind: 'shop' }, panel: { headroom: 1700 } },
    'found: low',
  ],
  [
    'lower than the equipment is high',
    { building: { buildingKind: 'shop' }, panel: { headroom: 2000, equipmentHeight: 2100 } },
    'found: low',
  ],
  [
    '6 ft 6 in, equipment lower',
    { panel: { headroom: { value: 78, unit: 'in' }, equipmentHeight: 1000 } },
    'clear',
  ],
  ['the equipment could be higher', { panel: { headroom: 2000 } }, 'not-seen'],
  ['never measured', {}, 'not-seen'],
  ['low, but whether a dwelling is unread', { panel: { headroom: 1700 } }, 'not-seen'],
  [
    'existing dwelling panel of 125 A',
    { building: { buildingKind: 'house' }, panel: { headroom: 1700, labelBusA: 125 } },
    'does-not-apply',
  ],
  [
    'dwelling panel of 400 A',
    { building: { buildingKind: 'house' }, panel: { headroom: 1700, labelBusA: 400 } },
    'found: low',
  ],
  [
    'dwelling panel new under a permit',
    {
      building: { buildingKind: 'house' },
      panel: { headroom: 1700, labelBusA: 125, inPermitScope: true },
    },
    'found: low',
  ],
  [
    'a shop with a dwelling: whose panel it is not said',
    { building: { buildingKind: 'mixed' }, panel: { headroom: 1700, labelBusA: 100 } },
    'not-seen',
  ],
];

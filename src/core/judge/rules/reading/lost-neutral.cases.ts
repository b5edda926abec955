import type { RuleCase } from '../../../testing/rule-cases';

const read = (anV: number, bnV: number, abV: number) => ({ panel: { anV, bnV, abV } });

export const cases: readonly RuleCase[] = [
  ['141 and 99 V', read(141, 99, 240), 'found: lost'],
  ['124 and 117 V under load', read(124, 117, 241), 'found: suspect'],
  ['121 and 119 V', read(121, 119, 240), 'clear'],
  ['a dead leg is another thing', read(120, 10, 110), 'does-not-apply'],
  [
    'sound at rest, the other leg 12 V up with a heater on',
    { panel: { anV: 121, bnV: 119, abV: 240, anLoadedV: 107, bnLoadedV: 131, abLoadedV: 238 } },
    'found: lost',
  ],
  [
    'sound at rest, the other leg 7 V up with a heater on',
    { panel: { anV: 121, bnV: 119, abV: 240, anLoadedV: 112, bnLoadedV: 126, abLoadedV: 238 } },
    'found: suspect',
  ],
  [
    'held at rest and under load',
    { panel: { anV: 121, bnV: 119, abV: 240, anLoadedV: 120, bnLoadedV: 119, abLoadedV: 239 } },
    'clear',
  ],
  [
    'a loaded leg that drops by itself, the other held: no fault of the neutral',
    { panel: { anV: 121, bnV: 119, abV: 240, anLoadedV: 114, bnLoadedV: 121, abLoadedV: 235 } },
    'clear',
  ],
  ['never measured', {}, 'not-seen'],
  ['figures that cannot be true together', read(120, 90, 240), 'not-seen'],
  ['three phases', { service: { serviceSystem: 'wye-208' } }, 'does-not-apply'],
  [
    'a feeder whose own drop explains it: 24 A apart on 40 m of 6 copper',
    {
      fedBy: 'disconnect',
      disconnect: { fedFrom: 'service' },
      panel: {
        anV: 115,
        bnV: 121,
        abV: 236,
        supplyLength: { value: 40, unit: 'm' },
        supplySize: '6',
        supplyMetal: 'cu',
        legA: 26,
        legB: 2,
      },
    },
    'clear',
  ],
  [
    'the same legs with hardly any current: nothing explains them',
    {
      fedBy: 'disconnect',
      disconnect: { fedFrom: 'service' },
      panel: {
        anV: 114.5,
        bnV: 121,
        abV: 235.5,
        supplyLength: { value: 40, unit: 'm' },
        supplySize: '6',
        supplyMetal: 'cu',
        legA: 3,
        legB: 2,
      },
    },
    'found: suspect',
  ],
];

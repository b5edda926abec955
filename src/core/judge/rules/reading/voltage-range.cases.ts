import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const an = 'A to neutral';
const across = 'A to B';
const wye = (panel: Facts): Given => ({ service: { serviceSystem: 'wye-208' }, panel });
const delta = (panel: Facts): Given => ({ service: { serviceSystem: 'high-leg-delta' }, panel });

export const cases: readonly RuleCase[] = [
  ['112 V at the service', { panel: { anV: 112, bnV: 113 } }, 'found: a', an],
  ['131 V at the service', { panel: { anV: 131, bnV: 131 } }, 'found: b', an],
  [
    '131, 131 and 262 V: the other leg too',
    { panel: { anV: 131, bnV: 131, abV: 262 } },
    'found: b',
    'B to neutral',
  ],
  [
    '131, 131 and 262 V: and across',
    { panel: { anV: 131, bnV: 131, abV: 262 } },
    'found: b',
    across,
  ],
  ['106, 106 and 212 V', { panel: { anV: 106, bnV: 106, abV: 212 } }, 'found: b', across],
  [
    '120, 120 and 220 V cannot be true together',
    { panel: { anV: 120, bnV: 120, abV: 220 } },
    'not-seen',
    an,
  ],
  ['within range A', { panel: { anV: 121, bnV: 120 } }, 'clear', an],
  [
    '110 V at a panel downstream',
    { fedBy: 'disconnect', panel: { serviceSystem: 'split-phase', anV: 110, bnV: 111 } },
    'clear',
    an,
  ],
  ['never measured', {}, 'not-seen'],
  ['one leg not measured', { panel: { anV: 120 } }, 'not-seen', 'B to neutral'],
  ['208 V between legs of a wye', wye({ abV: 208 }), 'clear', across],
  ['190 V between legs of a wye', wye({ abV: 190 }), 'found: b', across],
  [
    '120, 120 and 240 V on a wye cannot be true together',
    wye({ anV: 120, bnV: 120, abV: 240 }),
    'not-seen',
    across,
  ],
  ['a high leg of 208 V', delta({ bnV: 208 }), 'clear', 'B to neutral'],
  ['a high leg of 188 V', delta({ bnV: 188 }), 'found: b', 'B to neutral'],
  [
    'a high leg of 208 V beside 214 V from C to A',
    delta({ bnV: 208, caV: 214 }),
    'not-seen',
    'B to neutral',
  ],
];

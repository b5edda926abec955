import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const over = (facts: Facts) => ({ service: { supplyWay: 'overhead' as const, ...facts } });
const fine = { dropToOpening: 1500, roofUnderDrop: 'none', mastBears: 'drop' } as const;

export const cases: readonly RuleCase[] = [
  ['610 mm beside a window', over({ ...fine, dropToOpening: 610 }), 'found: near'],
  ['3 ft from a door', over({ ...fine, dropToOpening: { value: 3, unit: 'ft' } }), 'clear'],
  [
    '2 m over a flat roof',
    over({ ...fine, roofUnderDrop: 'flat', dropAboveRoof: 2000 }),
    'found: near',
  ],
  [
    '1 m over a steep roof',
    over({ ...fine, roofUnderDrop: 'steep', dropAboveRoof: 1000 }),
    'clear',
  ],
  [
    '500 mm over an overhang',
    over({ ...fine, roofUnderDrop: 'overhang', dropAboveRoof: 500 }),
    'clear',
  ],
  [
    '400 mm over an overhang',
    over({ ...fine, roofUnderDrop: 'overhang', dropAboveRoof: 400 }),
    'found: near',
  ],
  ['an aerial on the mast', over({ ...fine, mastBears: 'other' }), 'found: near'],
  ['height over the roof not known', over({ ...fine, roofUnderDrop: 'flat' }), 'not-seen'],
  ['underground', { service: { supplyWay: 'underground' } }, 'does-not-apply'],
  ['never looked', {}, 'not-seen'],
];

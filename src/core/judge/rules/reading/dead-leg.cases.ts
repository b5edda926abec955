import type { RuleCase } from '../../../testing/rule-cases';

const read = (anV: number, bnV: number, abV: number) => ({ panel: { anV, bnV, abV } });

export const cases: readonly RuleCase[] = [
  ['back-fed through a load', read(120, 14, 106), 'found: dead'],
  ['wholly dead', read(120, 0, 120), 'found: dead'],
  ['both there', read(121, 119, 240), 'clear'],
  ['never measured', {}, 'not-seen'],
  ['figures that cannot be true together', read(120, 90, 240), 'not-seen'],
  ['three phases', { service: { serviceSystem: 'wye-208' } }, 'does-not-apply'],
  ['both alike, nothing across: one leg feeds both', read(120, 120, 0), 'not-seen'],
];

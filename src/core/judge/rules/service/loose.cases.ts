import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'a neutral lug that turns by hand',
    { facts: { 'panel/ln': { tightness: 'loose' } } },
    'found: loose',
    'Neutral lug',
  ],
  [
    'torque of a lug under half the label',
    { panel: { labelTorqueLug: 28 }, facts: { 'panel/l1': { torqueNm: 12 } } },
    'found: loose',
    'Lug A',
  ],
  ['firm', { facts: { 'panel/l1': { tightness: 'firm' } } }, 'clear', 'Lug A'],
  ['nobody touched it', {}, 'not-seen', 'Lug B'],
];

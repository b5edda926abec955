import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'stripped',
    { facts: { 'panel/ln': { lugMechanics: 'stripped' } } },
    'found: broken',
    'Neutral lug',
  ],
  [
    'insulation under it',
    { facts: { 'panel/l1': { lugMechanics: 'insulation' } } },
    'found: broken',
    'Lug A',
  ],
  ['sound', { facts: { 'panel/l1': { lugMechanics: 'sound' } } }, 'clear', 'Lug A'],
  ['never looked', {}, 'not-seen'],
];

import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'by way of a ground bar',
    { panel: { supplyNeutralOn: 'through-ground-bar' } },
    'found: on-ground',
  ],
  ['on a ground bar', { panel: { supplyNeutralOn: 'ground-bar' } }, 'found: on-ground'],
  ['on the neutral bar', { panel: { supplyNeutralOn: 'neutral-bar' } }, 'clear'],
  ['never followed', {}, 'not-seen'],
];

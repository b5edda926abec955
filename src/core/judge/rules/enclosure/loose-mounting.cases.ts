import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['box loose', { panel: { mounting: 'loose' } }, 'found: loose'],
  ['held by its raceway', { panel: { mounting: 'by-raceway' } }, 'found: hung'],
  ['held firmly', { panel: { mounting: 'firm' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  [
    'meter hangs',
    { things: [['meter', 'm1', 'house', { meterMounting: 'by-raceway' }]] },
    'found: hung',
    'Meter',
  ],
];

import type { RuleCase } from '../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['112 V at the service', { panel: { anV: 112, bnV: 113 } }, 'found: a'],
  ['131 V at the service', { panel: { anV: 131, bnV: 131 } }, 'found: b'],
  ['within range A', { panel: { anV: 121, bnV: 120 } }, 'clear'],
  [
    '110 V at a panel downstream',
    { fedBy: 'disconnect', panel: { serviceSystem: 'split-phase', anV: 110, bnV: 111 } },
    'clear',
  ],
  ['never measured', {}, 'not-seen'],
  ['one leg not measured', { panel: { anV: 120 } }, 'not-seen'],
];

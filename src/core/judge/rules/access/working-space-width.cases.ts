import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['narrower than 30 in', { panel: { clearWidth: 700 } }, 'found: narrow'],
  [
    'narrower than the equipment',
    { panel: { clearWidth: 800, equipmentWidth: 900 } },
    'found: narrow',
  ],
  ['30 in, equipment narrower', { panel: { clearWidth: 762, equipmentWidth: 368 } }, 'clear'],
  ['never measured', {}, 'not-seen'],
  ['the equipment could be wider', { panel: { clearWidth: 800 } }, 'not-seen'],
];

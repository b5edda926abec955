import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['40 Ω to the main bond', { panel: { continuityOhm: 40 } }, 'found: open'],
  ['0.3 Ω', { panel: { continuityOhm: 0.3 } }, 'clear'],
  ['never measured', {}, 'not-seen'],
];

import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['too high', { panel: { highestHandle: 2150 } }, 'found: high'],
  ['6 ft 7 in', { panel: { highestHandle: { value: 79, unit: 'in' } } }, 'clear'],
  ['never measured', {}, 'not-seen'],
];

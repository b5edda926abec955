import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['without a box', { building: { splices: 'no-box' } }, 'found: joint'],
  ['old open wiring joined to cable', { building: { splices: 'old-to-cable' } }, 'found: joint'],
  ['in boxes', { building: { splices: 'in-boxes' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

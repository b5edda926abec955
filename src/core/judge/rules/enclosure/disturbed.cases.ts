import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['odd screws', { panel: { signsOfOpening: ['screws'] } }, 'found: signs'],
  ['none', { panel: { signsOfOpening: [] } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];

import type { RuleCase } from '../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['open', { lines: ['24 open'] }, 'found: open', 'Opening 24'],
  ['closed by a blank', { lines: ['24 blank'] }, 'clear', 'Position 24'],
  ['not recorded', {}, 'not-seen'],
];

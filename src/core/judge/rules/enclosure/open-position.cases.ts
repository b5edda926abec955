import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['two positions wide', { lines: ['22 open', '24 open'] }, 'found: wide', 'Opening 22 and 24'],
  ['bare live metal in its plane', { lines: ['24 open!'] }, 'found: live-metal', 'Opening 24'],
  ['open', { lines: ['24 open'] }, 'found: open', 'Opening 24'],
  ['closed by a blank', { lines: ['24 blank'] }, 'clear', 'Position 24'],
  ['not recorded', {}, 'not-seen'],
];

import type { Given, RuleCase } from '../../../testing/rule-cases';

const delta = (...lines: string[]): Given => ({
  service: { serviceSystem: 'high-leg-delta' },
  lines,
});

export const cases: readonly RuleCase[] = [
  ['a 120 V circuit with its neutral on B', delta('3 20 12cu n4 bench'), 'found: high'],
  [
    'a line-to-neutral load on B',
    { ...delta('3 20 12cu =other bench'), facts: { 'load 3': { loadPoles: 'line-to-neutral' } } },
    'found: high',
  ],
  ['single poles on A and C only', delta('1 20 12cu n4', '5 20 12cu n5'), 'clear'],
  ['two poles on B and C', delta('3+5 30 10cu saw'), 'clear'],
  ['whether a neutral goes with it not seen', delta('3 20 12cu bench'), 'not-seen'],
  ['supply unread', { fedBy: null, lines: ['3 20 12cu n4'] }, 'not-seen'],
  ['split-phase', { lines: ['3 20 12cu n4'] }, 'does-not-apply'],
];

import type { Given, RuleCase } from '../../testing/rule-cases';

const delta = (voltageRating?: 'slash' | 'straight'): Given => ({
  service: { serviceSystem: 'high-leg-delta' },
  lines: ['1+3 30 10cu'],
  ...(voltageRating && { facts: { 'device 1': { voltageRating } } }),
});

export const cases: readonly RuleCase[] = [
  ['slash-rated on the high leg', delta('slash'), 'found: slash'],
  ['straight rating on the high leg', delta('straight'), 'clear'],
  ['marking unread', delta(), 'not-seen'],
  ['supply unread', { fedBy: null, lines: ['1+3 30 10cu'] }, 'not-seen'],
  ['split-phase', { lines: ['1+3 30 10cu'] }, 'does-not-apply'],
  [
    'on the other legs',
    { service: { serviceSystem: 'high-leg-delta' }, lines: ['1 20 12cu'] },
    'does-not-apply',
  ],
];

import type { Given, RuleCase } from '../../../testing/rule-cases';

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
  [
    'one marked 240 on 480Y/277',
    {
      service: { serviceSystem: 'wye-480' },
      lines: ['1+3 30 10cu'],
      facts: { 'device 1': { voltageRating: 'straight' } },
    },
    'found: slash',
  ],
  [
    'a single pole marked 277 on 480Y/277',
    {
      service: { serviceSystem: 'wye-480' },
      lines: ['1 20 12cu'],
      facts: { 'device 1': { voltageRating: '277' } },
    },
    'clear',
  ],
  [
    'two poles marked 277 on 480Y/277',
    {
      service: { serviceSystem: 'wye-480' },
      lines: ['1+3 20 12cu'],
      facts: { 'device 1': { voltageRating: '277' } },
    },
    'found: slash',
  ],
  [
    'two poles marked 480Y/277',
    {
      service: { serviceSystem: 'wye-480' },
      lines: ['1+3 20 12cu'],
      facts: { 'device 1': { voltageRating: 'slash-480' } },
    },
    'clear',
  ],
];

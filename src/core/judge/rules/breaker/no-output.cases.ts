import type { Given, RuleCase } from '../../../testing/rule-cases';

const seven = (outputV?: number, anV?: number, bnV?: number): Given => ({
  panel: { ...(anV !== undefined && { anV }), ...(bnV !== undefined && { bnV }) },
  lines: ['5 20 12cu'],
  ...(outputV !== undefined && { facts: { 'terminal 5': { outputV } } }),
});

export const cases: readonly RuleCase[] = [
  ['dead', seven(0), 'found: dead'],
  ['8 % below the bus', seven(110, 120), 'found: dead'],
  ['as the bus', seven(119, 120), 'clear'],
  ['never measured', seven(), 'not-seen'],
  ['the bus not measured', seven(110), 'not-seen'],
  [
    'found off',
    { lines: ['5 20 12cu !off'], facts: { 'terminal 5': { outputV: 0 } } },
    'does-not-apply',
  ],
  [
    'two poles at 240 V of bus, 200 V pole to pole',
    {
      panel: { abV: 240, anV: 120, bnV: 120 },
      lines: ['9+11 30 10cu'],
      facts: { 'device 9': { poleToPoleV: 200 } },
    },
    'found: dead',
    'Breaker 9',
  ],
  [
    '9 V lost between line and load of a pole',
    { panel: { anV: 120 }, lines: ['1 20 12cu'], facts: { 'terminal 1': { acrossV: 9 } } },
    'found: lost',
  ],
];

import type { Given, RuleCase } from '../../testing/rule-cases';

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
];

import type { RuleCase } from '../../../testing/rule-cases';

const two = { building: { voltageSystems: 2 } };

export const cases: readonly RuleCase[] = [
  ['two voltages, all black', { ...two, panel: { legsMarked: 'not' } }, 'found: alike'],
  ['two voltages, marked', { ...two, panel: { legsMarked: 'marked' } }, 'clear'],
  [
    'one voltage, all black',
    { building: { voltageSystems: 1 }, panel: { legsMarked: 'not' } },
    'clear',
  ],
  ['two voltages, never looked', two, 'not-seen'],
  ['not asked', {}, 'not-seen'],
];

import type { RuleCase } from '../../../testing/rule-cases';

const one = { lines: ['7 20 12cu m1'] };

export const cases: readonly RuleCase[] = [
  [
    'a wire that moves under its screw',
    { ...one, facts: { 'terminal 7': { tightness: 'loose' } } },
    'found: loose',
  ],
  [
    'the wire itself moves',
    { ...one, facts: { 'wire 7': { tightness: 'loose' } } },
    'found: loose',
  ],
  [
    'torque under half the label, in the label’s own unit',
    {
      ...one,
      panel: { labelTorqueBreaker: { value: 36, unit: 'lbf·in' } },
      facts: { 'terminal 7': { torqueNm: { value: 15, unit: 'lbf·in' } } },
    },
    'found: loose',
  ],
  ['firm', { ...one, facts: { 'terminal 7': { tightness: 'firm' } } }, 'clear'],
  ['nobody touched it', one, 'not-seen'],
];

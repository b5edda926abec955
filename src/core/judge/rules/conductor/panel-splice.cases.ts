import type { RuleCase } from '../../../testing/rule-cases';

const joined = { lines: ['7 20 12cu kitchen'] };

export const cases: readonly RuleCase[] = [
  [
    'twisted and taped',
    { ...joined, facts: { 'wire 7': { endState: 'joined', spliceHow: 'taped' } } },
    'found: taped',
  ],
  [
    'twisted and bare',
    { ...joined, facts: { 'wire 7': { endState: 'joined', spliceHow: 'bare' } } },
    'found: bare',
  ],
  [
    'a connector not made for it',
    { ...joined, facts: { 'wire 7': { spliceHow: 'unfit' } } },
    'found: taped',
  ],
  ['a listed connector', { ...joined, facts: { 'wire 7': { spliceHow: 'listed' } } }, 'clear'],
  [
    'joined, the joint not looked at',
    { ...joined, facts: { 'wire 7': { endState: 'joined' } } },
    'not-seen',
  ],
];

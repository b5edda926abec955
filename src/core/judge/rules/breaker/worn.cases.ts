import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['cracked', { lines: ['7 20 12cu !cracked'] }, 'found: worn'],
  [
    'failed to trip',
    { lines: ['7 20 12cu'], facts: { 'device 7': { failedTrip: true } } },
    'found: fails',
  ],
  ['sound', { lines: ['7 20 12cu'], facts: { 'device 7': { wear: 'sound' } } }, 'clear'],
  ['never looked', { lines: ['7 20 12cu'] }, 'not-seen'],
  [
    'failed to trip when tested, said of its wear',
    { lines: ['7 20'], facts: { 'device 7': { wear: 'fails-test' } } },
    'found: fails',
  ],
];

import type { RuleCase } from '../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['cracked', { lines: ['7 20 12cu !cracked'] }, 'found: worn'],
  [
    'failed to trip',
    { lines: ['7 20 12cu'], facts: { 'device 7': { failedTrip: true } } },
    'found: fails',
  ],
  ['sound', { lines: ['7 20 12cu'], facts: { 'device 7': { wear: 'sound' } } }, 'clear'],
  ['never looked', { lines: ['7 20 12cu'] }, 'not-seen'],
];

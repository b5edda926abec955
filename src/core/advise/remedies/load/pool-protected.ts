import { protectingBreaker } from '../ways/protecting-breaker';
import { defineRemedy } from '../remedy';

export const poolProtected = defineRemedy({
  id: 'pool-protected',
  words: 'A ground-fault breaker from the label’s list',
  off: 'circuit',
  parts: { 'dual-function-breaker': 2 },
  minutes: [30, 50, 90],
  record: ['test button'],
  ways: (here) => (here.message === 'unprotected' ? protectingBreaker(here) : []),
});

import { protectingBreaker as ways } from '../ways/protecting-breaker';
import { defineRemedy } from '../remedy';

export const breakerWithProtection = defineRemedy({
  id: 'breaker-with-protection',
  words: 'A breaker with that protection from the label’s list',
  parts: { 'dual-function-breaker': 1 },
  minutes: [25, 40, 75],
  ways,
});

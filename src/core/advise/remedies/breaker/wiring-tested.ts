import { holdsAgain as ways } from '../ways/holds-again';
import { defineRemedy } from '../remedy';

export const wiringTested = defineRemedy({
  id: 'wiring-tested',
  words: 'Load off: the wiring tested for a short or ground fault, or the breaker renewed',
  off: 'circuit',
  parts: { 'breaker-1': 1 },
  minutes: [60, 120, 240],
  ways,
});

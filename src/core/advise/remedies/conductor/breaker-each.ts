import { breakerEach as ways } from '../ways/breaker-each';
import { defineRemedy } from '../remedy';

export const breakerEach = defineRemedy({
  id: 'breaker-each',
  words: 'A breaker for each circuit',
  parts: { 'breaker-1': 2 },
  minutes: [60, 90, 180],
  ways,
});

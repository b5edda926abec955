import { arcingMended as ways } from '../ways/arcing-mended';
import { defineRemedy } from '../remedy';

export const placeFound = defineRemedy({
  id: 'place-found',
  words: 'The supply shut off by who may, then the place found and mended',
  off: 'service',
  parts: { 'breaker-1': 1 },
  minutes: [60, 120, 360],
  tell: [{ whom: 'utility', why: 'the supply is shut off', days: 1 }],
  ways,
});

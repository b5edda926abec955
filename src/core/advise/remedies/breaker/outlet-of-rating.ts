import { outletOfRating as ways } from '../ways/outlet-of-rating';
import { defineRemedy } from '../remedy';

export const outletOfRating = defineRemedy({
  id: 'outlet-of-rating',
  words: 'An outlet of the breaker’s rating',
  off: 'circuit',
  parts: { receptacle: 1 },
  minutes: [15, 25, 50],
  ways,
});

import { boxCovered as ways } from '../ways/box-covered';
import { defineRemedy } from '../remedy';

export const cover = defineRemedy({
  id: 'cover',
  words: 'A cover',
  off: 'circuit',
  parts: { box: 0.5 },
  minutes: [5, 10, 20],
  ways,
});

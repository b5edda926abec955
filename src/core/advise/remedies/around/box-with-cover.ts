import { boxCovered as ways } from '../ways/box-covered';
import { defineRemedy } from '../remedy';

export const boxWithCover = defineRemedy({
  id: 'box-with-cover',
  words: 'A box with a cover',
  off: 'circuit',
  parts: { box: 1 },
  minutes: [15, 30, 60],
  ways,
});

import { listedTie as ways } from '../ways/listed-tie';
import { defineRemedy } from '../remedy';

export const listedTie = defineRemedy({
  id: 'listed-tie',
  words: 'A listed tie for these breakers',
  parts: { 'handle-tie': 1 },
  minutes: [5, 10, 20],
  ways,
});

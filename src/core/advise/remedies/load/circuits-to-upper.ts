import { sectionRelieved as ways } from '../ways/section-relieved';
import { defineRemedy } from '../remedy';

export const circuitsToUpper = defineRemedy({
  id: 'circuits-to-upper',
  words: 'Circuits moved to the upper section',
  minutes: [45, 90, 180],
  ways,
});

import { moveToAnotherRow as ways } from '../ways/move-to-another-row';
import { defineRemedy } from '../remedy';

export const anotherRow = defineRemedy({
  id: 'another-row',
  words: 'One of them moved to another row',
  minutes: [20, 40, 90],
  ways,
});

import { blankOpening as ways } from '../ways/blank-opening';
import { defineRemedy } from '../remedy';

export const blank = defineRemedy({
  id: 'blank',
  words: 'Fit the blank made for this panel, or a closure plate made for it',
  parts: { blank: 1 },
  minutes: [5, 10, 20],
  ways,
});

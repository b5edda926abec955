import { largeEnoughToMark } from '../ways/large-enough-to-mark';
import { defineRemedy, leaves } from '../remedy';

export const markGround = defineRemedy({
  id: 'mark-ground',
  words: 'Stripped or re-marked green, from 4 AWG',
  parts: { marking: 0.5 },
  minutes: [5, 10, 20],
  ways: leaves({ markedAsGround: true }, { when: (here) => [largeEnoughToMark(here)] }),
});

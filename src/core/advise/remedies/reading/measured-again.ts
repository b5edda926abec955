import { defineRemedy } from '../remedy';

export const measuredAgain = defineRemedy({
  id: 'measured-again',
  words: 'Measured again under load',
  off: 'nothing',
  minutes: [15, 30, 60],
  advice: 'it is the reading after the work',
});

import { defineRemedy } from '../remedy';

export const sayWhatWasDone = defineRemedy({
  id: 'say-what-was-done',
  words: 'Say in the record what was done',
  off: 'nothing',
  minutes: [5, 10, 15],
  advice: 'it is about how the work was recorded, not about the panel',
});

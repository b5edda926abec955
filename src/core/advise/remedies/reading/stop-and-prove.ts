import { defineRemedy } from '../remedy';

export const stopAndProve = defineRemedy({
  id: 'stop-and-prove',
  words: 'Stop; prove dead, then go on',
  minutes: [10, 15, 30],
  advice: 'it is about how the work was recorded, not about the panel',
});

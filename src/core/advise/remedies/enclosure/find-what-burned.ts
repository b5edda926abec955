import { defineRemedy } from '../remedy';

export const findWhatBurned = defineRemedy({
  id: 'find-what-burned',
  words: 'Find and mend what burned',
  minutes: [30, 90, 240],
  advice: 'what burned is a finding of its own where it is found; the soot is only its trace',
});

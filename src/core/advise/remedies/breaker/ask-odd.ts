import { defineRemedy } from '../remedy';

export const askOdd = defineRemedy({
  id: 'ask-odd',
  words: 'Ask; look at the circuit it feeds',
  off: 'nothing',
  minutes: [10, 20, 40],
  advice: 'an answer settles it, no work does',
});

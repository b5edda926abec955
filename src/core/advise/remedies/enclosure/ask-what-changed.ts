import { defineRemedy } from '../remedy';

export const askWhatChanged = defineRemedy({
  id: 'ask-what-changed',
  words: 'Ask what was changed, when, and under which permit',
  who: 'owner',
  off: 'nothing',
  minutes: [10, 20, 40],
  advice: 'an answer settles it, no work does',
});

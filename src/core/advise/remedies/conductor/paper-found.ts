import { defineRemedy } from '../remedy';

export const paperFound = defineRemedy({
  id: 'paper-found',
  words: 'The paper found',
  who: 'owner',
  off: 'nothing',
  minutes: [15, 60, 240],
  advice: 'a paper settles it, no work does',
});

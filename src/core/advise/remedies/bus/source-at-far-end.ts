import { defineRemedy, leaves } from '../remedy';

export const sourceAtFarEnd = defineRemedy({
  id: 'source-at-far-end',
  words: 'The source moved to the far end',
  minutes: [40, 60, 120],
  ways: leaves({ atFarEnd: true }, { at: (here) => here.things('source')[0] }),
});

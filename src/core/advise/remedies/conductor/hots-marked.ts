import { defineRemedy, leaves } from '../remedy';

export const hotsMarked = defineRemedy({
  id: 'hots-marked',
  words: 'Hots marked by voltage and leg, the meaning posted',
  minutes: [30, 60, 120],
  ways: leaves({ legsMarked: 'marked' }),
});

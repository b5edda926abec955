import { defineRemedy, leaves } from '../remedy';

export const rodFurtherAway = defineRemedy({
  id: 'rod-further-away',
  words: 'One of them driven further away',
  off: 'nothing',
  parts: { 'ground-rod': 1, 'electrode-conductor-metre': 3 },
  minutes: [60, 90, 180],
  ways: leaves({ nextRod: 2000 }),
});

import { newRods as ways } from '../ways/new-rods';
import { defineRemedy } from '../remedy';

export const secondRod = defineRemedy({
  id: 'second-rod',
  words: 'A second rod 1.8 m away or more',
  off: 'nothing',
  parts: { 'ground-rod': 1, 'electrode-conductor-metre': 3 },
  minutes: [60, 90, 180],
  wrong: ['what is buried there is asked for before a rod is driven'],
  ways,
});

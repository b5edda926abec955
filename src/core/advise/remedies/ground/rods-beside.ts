import { newRods as ways } from '../ways/new-rods';
import { defineRemedy } from '../remedy';

export const rodsBeside = defineRemedy({
  id: 'rods-beside',
  words: 'Rods beside it',
  off: 'nothing',
  parts: { 'ground-rod': 2, 'electrode-conductor-metre': 8 },
  minutes: [90, 150, 300],
  wrong: ['what is buried there is asked for before a rod is driven'],
  ways,
});

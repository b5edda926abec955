import { newRods as ways } from '../ways/new-rods';
import { defineRemedy } from '../remedy';

export const rodsAtBuilding = defineRemedy({
  id: 'rods-at-building',
  words: 'Rods at that building',
  off: 'nothing',
  parts: { 'ground-rod': 2, 'electrode-conductor-metre': 6 },
  minutes: [90, 150, 300],
  wrong: ['what is buried there is asked for before a rod is driven'],
  ways,
});

import { newRods as ways } from '../ways/new-rods';
import { defineRemedy } from '../remedy';

export const rodsAndConductor = defineRemedy({
  id: 'rods-and-conductor',
  words: 'Rods and a conductor to the first disconnect',
  off: 'nothing',
  parts: { 'ground-rod': 2, 'electrode-conductor-metre': 8 },
  minutes: [90, 150, 300],
  wrong: ['what is buried there is asked for before a rod is driven'],
  record: ['resistance to earth'],
  ways,
});

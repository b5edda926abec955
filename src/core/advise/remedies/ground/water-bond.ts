import { defineRemedy, leaves } from '../remedy';

export const waterBond = defineRemedy({
  id: 'water-bond',
  words: 'A bond to the first disconnect',
  off: 'nothing',
  parts: { 'electrode-conductor-metre': 8, clamp: 1 },
  minutes: [45, 90, 180],
  ways: leaves({ pipeBonded: 'bonded', bondAtEntry: true }),
});

import { defineRemedy, leaves } from '../remedy';

export const breakerForAluminium = defineRemedy({
  id: 'breaker-for-aluminium',
  words: 'A breaker marked for aluminium, of a type on the label’s list',
  parts: { 'breaker-2': 1 },
  minutes: [20, 35, 70],
  record: ['torque at the screw'],
  ways: leaves({ markedForAl: true }, { at: (here) => here.device?.id }),
});

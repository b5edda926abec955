import { defineRemedy, leaves } from '../remedy';

export const listedJoint = defineRemedy({
  id: 'listed-joint',
  words: 'A listed joint in an accessible box',
  off: 'circuit',
  parts: { box: 1, 'wire-connector': 1 },
  minutes: [30, 60, 120],
  ways: leaves({ jointListed: true }),
});

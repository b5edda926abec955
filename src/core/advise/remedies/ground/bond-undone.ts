import { bondUndone as ways } from '../ways/bond-undone';
import { defineRemedy } from '../remedy';

export const bondUndone = defineRemedy({
  id: 'bond-undone',
  words: 'The bond undone where the feeder has its own ground',
  minutes: [30, 45, 90],
  wrong: ['without a ground run with the feeder nothing returns a fault: the ground first'],
  ends: ['the joint that was permitted while untouched'],
  record: ['neutral to ground, and current on the feeder’s ground'],
  ways,
});

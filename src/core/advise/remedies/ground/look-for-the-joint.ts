import { suspectedBondMended as ways } from '../ways/suspected-bond-mended';
import { defineRemedy } from '../remedy';

export const lookForTheJoint = defineRemedy({
  id: 'look-for-the-joint',
  words: 'Look for the joint; the feeder’s ground checked before it is undone',
  minutes: [30, 60, 120],
  record: ['neutral to ground'],
  ways,
});

import { strayMended as ways } from '../ways/stray-mended';
import { defineRemedy } from '../remedy';

export const secondJointMended = defineRemedy({
  id: 'second-joint-mended',
  words: 'The second joint of neutral and ground found, and mended in the right order',
  minutes: [60, 120, 300],
  record: ['current on grounds and pipes'],
  ways,
});

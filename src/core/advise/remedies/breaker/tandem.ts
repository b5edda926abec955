import { tandemHere as ways } from '../ways/tandem-here';
import { defineRemedy } from '../remedy';

export const tandem = defineRemedy({
  id: 'tandem',
  words: 'A tandem where the label allows it',
  parts: { tandem: 1 },
  minutes: [20, 30, 50],
  record: ['torque at the screws'],
  ways,
});

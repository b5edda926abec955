import { torqueToLabel as ways } from '../ways/torque-to-label';
import { defineRemedy } from '../remedy';

export const setToLabel = defineRemedy({
  id: 'set-to-label',
  words: 'Loosened and set to the label with the supply off',
  minutes: [10, 15, 30],
  wrong: ['an old screw or lug may crack when it is turned'],
  record: ['torque by the label'],
  ways,
});

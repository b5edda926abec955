import { remade as ways } from '../ways/remade';
import { defineRemedy } from '../remedy';

export const reMade = defineRemedy({
  id: 're-made',
  words: 'Re-made and torqued to the label with the supply off',
  minutes: [10, 20, 40],
  wrong: ['an old screw or lug may crack when it is turned'],
  record: ['torque by the label'],
  ways,
});

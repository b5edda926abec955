import { groundToGroundBar as ways } from '../ways/ground-to-ground-bar';
import { defineRemedy } from '../remedy';

export const groundToGroundBar = defineRemedy({
  id: 'ground-to-ground-bar',
  words: 'The ground moved to the ground bar',
  minutes: [10, 20, 40],
  record: ['torque at the screws'],
  ways,
});

import { groundsToFree as ways } from '../ways/grounds-to-free';
import { defineRemedy } from '../remedy';

export const freeGroundTerminal = defineRemedy({
  id: 'free-ground-terminal',
  words: 'Move grounds to free terminals',
  minutes: [10, 15, 30],
  record: ['torque at the screws'],
  ways,
});

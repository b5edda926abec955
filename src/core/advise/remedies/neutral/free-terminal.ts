import { neutralToFree as ways } from '../ways/neutral-to-free';
import { defineRemedy } from '../remedy';

export const freeTerminal = defineRemedy({
  id: 'free-terminal',
  words: 'Move one to a free terminal',
  minutes: [10, 15, 30],
  wrong: ['a neutral in use is not taken off while its circuit is on: the panel is off'],
  record: ['torque at the screws'],
  ways,
});

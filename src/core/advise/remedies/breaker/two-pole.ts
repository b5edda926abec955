import { twoPole as ways } from '../ways/two-pole';
import { defineRemedy } from '../remedy';

export const twoPole = defineRemedy({
  id: 'two-pole',
  words: 'A two-pole breaker from the label’s list',
  parts: { 'breaker-2': 1 },
  minutes: [25, 40, 75],
  wrong: ['the wire may not reach the neighbour'],
  record: ['torque at the screws'],
  ways,
});

import { newBreaker as ways } from '../ways/new-breaker';
import { defineRemedy } from '../remedy';

export const newBreaker = defineRemedy({
  id: 'new-breaker',
  words: 'A new breaker of a type on the label’s list',
  parts: { 'breaker-1': 1 },
  minutes: [20, 30, 60],
  wrong: ['the stab behind it may be burned: look before it goes in'],
  record: ['torque at the screw'],
  ways,
});

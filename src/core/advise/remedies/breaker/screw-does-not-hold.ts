import { newBreaker as ways } from '../ways/new-breaker';
import { defineRemedy } from '../remedy';

export const screwDoesNotHold = defineRemedy({
  id: 'screw-does-not-hold',
  words: 'A new breaker, where its screw no longer holds',
  parts: { 'breaker-1': 1 },
  minutes: [20, 30, 60],
  record: ['torque at the screw'],
  ways,
});

import { smallerBreaker as ways } from '../ways/smaller-breaker';
import { defineRemedy } from '../remedy';

export const smallerBreaker = defineRemedy({
  id: 'smaller-breaker',
  words: 'A smaller breaker after a check of the load',
  parts: { 'breaker-1': 1 },
  minutes: [20, 30, 60],
  wrong: ['it trips where the load is more than the wire carries: then the wire is the remedy'],
  record: ['load of the circuit, and torque'],
  ways,
});

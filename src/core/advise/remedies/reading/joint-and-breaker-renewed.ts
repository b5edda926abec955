import { coolAgain as ways } from '../ways/cool-again';
import { defineRemedy } from '../remedy';

export const jointAndBreakerRenewed = defineRemedy({
  id: 'joint-and-breaker-renewed',
  words: 'The joint re-made and torqued, the breaker renewed',
  parts: { 'breaker-1': 1 },
  minutes: [25, 40, 75],
  record: ['temperature under load, and torque'],
  ways,
});

import { outputAgain as ways } from '../ways/output-again';
import { defineRemedy } from '../remedy';

export const newBreakerAfterLook = defineRemedy({
  id: 'new-breaker-after-look',
  words: 'A new breaker after its stab was looked at',
  parts: { 'breaker-1': 1 },
  minutes: [25, 40, 75],
  wrong: ['the stab behind it may be burned'],
  record: ['output'],
  ways,
});

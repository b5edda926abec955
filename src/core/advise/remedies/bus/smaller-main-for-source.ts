import { smallerMainForSource as ways } from '../ways/smaller-main-for-source';
import { defineRemedy } from '../remedy';

export const smallerMainForSource = defineRemedy({
  id: 'smaller-main-for-source',
  words: 'A smaller main after a load check',
  off: 'service',
  parts: { 'main-breaker': 1 },
  minutes: [40, 75, 150],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways,
});

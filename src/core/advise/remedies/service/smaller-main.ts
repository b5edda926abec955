import { smallerMain as ways } from '../ways/smaller-main';
import { defineRemedy } from '../remedy';

export const smallerMain = defineRemedy({
  id: 'smaller-main',
  words: 'A smaller main, after a load calculation',
  off: 'service',
  parts: { 'main-breaker': 1 },
  minutes: [40, 75, 150],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  record: ['legs, and torque of the main’s lugs'],
  ways,
});

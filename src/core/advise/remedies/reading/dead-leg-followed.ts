import { voltagesRight as ways } from '../ways/voltages-right';
import { defineRemedy } from '../remedy';

export const deadLegFollowed = defineRemedy({
  id: 'dead-leg-followed',
  words: 'The dead leg followed: utility, meter, main, lug',
  off: 'service',
  parts: { 'main-breaker': 1 },
  minutes: [60, 120, 300],
  tell: [{ whom: 'utility', why: 'the leg is followed from its transformer', days: 1 }],
  record: ['legs'],
  ways,
});

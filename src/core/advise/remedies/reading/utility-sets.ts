import { voltageRight as ways } from '../ways/voltage-right';
import { defineRemedy } from '../remedy';

export const utilitySets = defineRemedy({
  id: 'utility-sets',
  words: 'The utility sets its transformer',
  who: 'utility',
  off: 'nothing',
  minutes: [0, 0, 0],
  tell: [{ whom: 'utility', why: 'its transformer or drop', days: 10 }],
  record: ['legs'],
  ways,
});

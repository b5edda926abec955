import { defineRemedy } from '../remedy';

export const loadCheckedFirst = defineRemedy({
  id: 'load-checked-first',
  words: 'The load and the wire checked first',
  off: 'circuit',
  minutes: [15, 30, 60],
  advice: 'it is the look before the work, not the work',
});

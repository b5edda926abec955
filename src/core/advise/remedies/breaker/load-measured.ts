import { defineRemedy } from '../remedy';

export const loadMeasured = defineRemedy({
  id: 'load-measured',
  words: 'After minutes: the load measured and joints felt for heat by the qualified',
  off: 'circuit',
  minutes: [30, 60, 120],
  advice: 'it is the look that says what to do',
});

import { leavePosition as ways } from '../ways/leave-position';
import { defineRemedy } from '../remedy';

export const leavePosition = defineRemedy({
  id: 'leave-position',
  words: 'Circuit moved, position blanked',
  parts: { 'breaker-1': 1, blank: 1 },
  minutes: [30, 60, 120],
  ways,
});

import { leavePosition as ways } from '../ways/leave-position';
import { defineRemedy } from '../remedy';

export const blankBurnedPosition = defineRemedy({
  id: 'blank-burned-position',
  words: 'Blank off the position for good and move its circuit',
  parts: { blank: 1 },
  minutes: [45, 75, 150],
  wrong: ['the bus beside it may be burned too: look before the breaker goes back'],
  record: ['torque at the new position'],
  ways,
});

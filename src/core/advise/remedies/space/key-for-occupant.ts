import { defineRemedy, leaves } from '../remedy';

export const keyForOccupant = defineRemedy({
  id: 'key-for-occupant',
  words: 'A key for the occupant',
  who: 'owner',
  off: 'nothing',
  minutes: [10, 20, 60],
  ways: leaves({ occupantReaches: true }),
});

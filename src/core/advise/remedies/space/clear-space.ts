import { defineRemedy, leaves } from '../remedy';

export const clearSpace = defineRemedy({
  id: 'clear-space',
  words: 'Clear the space and mark it',
  who: 'owner',
  off: 'nothing',
  parts: { marking: 1 },
  minutes: [15, 45, 120],
  ways: leaves({ obstructions: [], doorOpens: true, combustiblesNear: false }),
});

import { defineRemedy, leaves } from '../remedy';

export const dropOutOfReach = defineRemedy({
  id: 'drop-out-of-reach',
  words: 'The utility raises or moves the drop; the mast bears it alone',
  who: 'utility',
  off: 'service',
  minutes: [60, 180, 360],
  tell: [{ whom: 'utility', why: 'the drop is its own', days: 10 }],
  ways: leaves({
    dropToOpening: { value: 3, unit: 'ft' },
    dropAboveRoof: { value: 102, unit: 'in' },
    mastBears: 'drop',
  }),
});

import { defineRemedy, leaves } from '../remedy';
import type { LengthLimit } from '../../../codes/yardstick/yardstick';

const asLength = ({ value, unit }: LengthLimit) => ({ value, unit });

export const dropOutOfReach = defineRemedy({
  id: 'drop-out-of-reach',
  words: 'The utility raises or moves the drop; the mast bears it alone',
  who: 'utility',
  off: 'service',
  minutes: [60, 180, 360],
  tell: [{ whom: 'utility', why: 'the drop is its own', days: 10 }],
  ways: leaves(({ yardstick: { dropToOpening, dropAboveRoof } }) => ({
    dropToOpening: asLength(dropToOpening),
    // The most that is asked above any roof.
    dropAboveRoof: asLength(dropAboveRoof.flat),
    mastBears: 'drop',
  })),
});

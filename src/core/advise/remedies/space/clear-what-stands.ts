import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const clearWhatStands = defineRemedy({
  id: 'clear-what-stands',
  words: 'Clear what stands in the space',
  who: 'owner',
  off: 'nothing',
  minutes: [15, 60, 240],
  ways: leaves(
    { depthMm: 1250, obstructions: [] },
    { when: () => [notKnown('it can be moved: it is no wall', 'see what stands there')] },
  ),
});

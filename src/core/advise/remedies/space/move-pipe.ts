import { defineRemedy, leaves } from '../remedy';

export const movePipe = defineRemedy({
  id: 'move-pipe',
  words: 'Move the pipe',
  who: 'owner',
  off: 'nothing',
  parts: { supports: 6 },
  minutes: [120, 240, 480],
  wrong: ['a plumber is needed, and the water is off meanwhile'],
  ways: leaves({ waterNearby: [], waterNear: 'none' }),
});

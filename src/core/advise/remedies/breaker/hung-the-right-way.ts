import { defineRemedy, leaves } from '../remedy';

export const hungTheRightWay = defineRemedy({
  id: 'hung-the-right-way',
  words: 'The panel hung the right way up, or the main set so that up is on',
  off: 'service',
  minutes: [180, 360, 600],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves({ verticalHandles: 'up' }),
});

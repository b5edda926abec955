import { defineRemedy, leaves } from '../remedy';

export const bypassUndone = defineRemedy({
  id: 'bypass-undone',
  words: 'The utility disconnects and makes it right',
  who: 'utility',
  off: 'service',
  minutes: [60, 120, 240],
  tell: [{ whom: 'utility', why: 'the meter is its own', days: 1 }],
  ways: leaves({ meterState: 'in-place', loadSideLive: false }),
});

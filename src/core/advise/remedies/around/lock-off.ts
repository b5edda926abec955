import { defineRemedy, leaves } from '../remedy';

export const lockOff = defineRemedy({
  id: 'lock-off',
  words: 'A lock-off for the breaker',
  off: 'nothing',
  parts: { 'lock-off': 1 },
  minutes: [10, 15, 30],
  ways: leaves({ disconnectInSight: 'locks-off' }),
});

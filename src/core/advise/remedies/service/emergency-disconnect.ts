import { defineRemedy, leaves } from '../remedy';

export const emergencyDisconnect = defineRemedy({
  id: 'emergency-disconnect',
  words: 'A disconnect outdoors when the service is next renewed',
  off: 'service',
  parts: { disconnect: 1, permit: 1 },
  minutes: [180, 300, 480],
  tell: [
    { whom: 'utility', why: 'the supply is off for it', days: 5 },
    { whom: 'permit', why: 'a new disconnect', days: 10 },
  ],
  ways: leaves({ emergencyDisconnect: true }),
});

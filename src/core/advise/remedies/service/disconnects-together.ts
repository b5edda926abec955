import { defineRemedy, leaves } from '../remedy';

export const disconnectsTogether = defineRemedy({
  id: 'disconnects-together',
  words: 'The disconnects brought together',
  off: 'service',
  parts: { disconnect: 1, 'service-conductors': 1, permit: 1 },
  minutes: [240, 480, 900],
  tell: [
    { whom: 'utility', why: 'the supply is off for it', days: 5 },
    { whom: 'permit', why: 'the service is changed', days: 10 },
  ],
  ways: leaves({ disconnectGrouping: 'together' }),
});

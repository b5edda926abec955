import { defineRemedy, leaves } from '../remedy';

export const disconnectAtEntry = defineRemedy({
  id: 'disconnect-at-entry',
  words: 'A disconnect outdoors or at the entry',
  off: 'service',
  parts: { disconnect: 1, 'service-conductors': 1, permit: 1 },
  minutes: [180, 300, 480],
  tell: [
    { whom: 'utility', why: 'the supply is off for it', days: 5 },
    { whom: 'permit', why: 'a new disconnect', days: 10 },
  ],
  ends: ['what is after it is a feeder then: four wires, neutral and ground parted'],
  ways: leaves({ insideRun: 'short' }),
});

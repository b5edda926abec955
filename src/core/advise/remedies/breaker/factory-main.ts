import { defineRemedy, leaves } from '../remedy';

export const factoryMain = defineRemedy({
  id: 'factory-main',
  words: 'A factory main',
  off: 'service',
  parts: { 'main-breaker': 1 },
  minutes: [90, 150, 300],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves({ heldDown: true }),
});

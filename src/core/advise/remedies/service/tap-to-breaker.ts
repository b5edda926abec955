import { defineRemedy, leaves } from '../remedy';

export const tapToBreaker = defineRemedy({
  id: 'tap-to-breaker',
  words: 'These wires moved to a breaker of their own',
  off: 'service',
  parts: { 'breaker-1': 1 },
  minutes: [60, 120, 240],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  wrong: ['what the wires feed is followed first'],
  record: ['torque by the label'],
  ways: leaves({ besideSupply: 'none', lugHolds: 1 }),
});

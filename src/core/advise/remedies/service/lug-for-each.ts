import { defineRemedy, leaves } from '../remedy';

export const lugForEach = defineRemedy({
  id: 'lug-for-each',
  words: 'A lug kit made for so many, or one conductor each',
  off: 'service',
  parts: { 'lug-kit': 1 },
  minutes: [60, 120, 240],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  record: ['torque by the label'],
  ways: leaves((here) => ({ lugTakes: here.figure('count') ?? 2 })),
});

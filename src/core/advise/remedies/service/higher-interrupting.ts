import { defineRemedy, leaves } from '../remedy';

export const higherInterrupting = defineRemedy({
  id: 'higher-interrupting',
  words: 'Devices of a higher rating',
  parts: { 'main-breaker': 1, 'breaker-1': 8 },
  minutes: [120, 240, 420],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves((here) => ({
    interruptingKa: Math.ceil((here.figure('availableA') ?? 22_000) / 1000) + 1,
  })),
});

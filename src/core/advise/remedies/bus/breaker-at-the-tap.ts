import { defineRemedy, leaves } from '../remedy';

export const breakerAtTheTap = defineRemedy({
  id: 'breaker-at-the-tap',
  words: 'A breaker or fuses where the tap begins',
  parts: { 'breaker-2': 1 },
  minutes: [60, 120, 240],
  record: ['torque by the label'],
  ways: leaves({ feederStart: 'device' }),
});

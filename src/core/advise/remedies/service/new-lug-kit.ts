import { newLugKit as ways } from '../ways/new-lug-kit';
import { defineRemedy } from '../remedy';

export const newLugKit = defineRemedy({
  id: 'new-lug-kit',
  words: 'A new lug kit made for this panel',
  off: 'service',
  parts: { 'lug-kit': 1 },
  minutes: [60, 120, 240],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  wrong: ['the kit may no longer be made'],
  record: ['torque by the label'],
  ways,
});

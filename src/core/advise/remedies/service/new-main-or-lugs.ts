import { newMainOrLugs as ways } from '../ways/new-main-or-lugs';
import { defineRemedy } from '../remedy';

export const newMainOrLugs = defineRemedy({
  id: 'new-main-or-lugs',
  words: 'A new main or interior',
  off: 'service',
  parts: { 'main-breaker': 1, 'lug-kit': 1 },
  minutes: [90, 180, 360],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  wrong: ['the part may no longer be made'],
  record: ['legs, and torque by the label'],
  ways,
});

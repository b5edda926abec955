import { defineRemedy, leaves } from '../remedy';

export const takeOutWhatPenetrates = defineRemedy({
  id: 'take-out-what-penetrates',
  words: 'Take it out with the supply shut off by a licensed person, and close the hole',
  off: 'service',
  parts: { 'closure-plate': 1 },
  minutes: [30, 60, 120],
  wrong: ['what it touched may be damaged: look when it is out'],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves({ penetration: 'none' }),
});

import { defineRemedy, leaves } from '../remedy';

export const supplyNeutralToItsBar = defineRemedy({
  id: 'supply-neutral-to-its-bar',
  words: 'The supply neutral moved to the lug of the neutral bar',
  off: 'service',
  minutes: [30, 60, 120],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  record: ['torque by the label'],
  ways: leaves({ supplyNeutralOn: 'neutral-bar' }),
});

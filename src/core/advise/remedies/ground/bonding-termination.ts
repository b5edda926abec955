import { defineRemedy, leaves } from '../remedy';

export const bondingTermination = defineRemedy({
  id: 'bonding-termination',
  words: 'A bonding termination beside the meter or panel',
  off: 'nothing',
  parts: { 'bonding-termination': 1 },
  minutes: [20, 30, 60],
  ways: leaves({ intersystemBond: true }),
});

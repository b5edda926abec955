import { bondFitted as ways } from '../ways/bond-fitted';
import { defineRemedy } from '../remedy';

export const bondFitted = defineRemedy({
  id: 'bond-fitted',
  words: 'Fit the bonding screw or strap made for this panel',
  parts: { 'bond-kit': 1 },
  minutes: [15, 25, 60],
  wrong: ['at any panel but the first disconnect it makes a fault: make sure first'],
  record: ['neutral to ground'],
  ways,
});

import { quietMetal as ways } from '../ways/quiet-metal';
import { defineRemedy } from '../remedy';

export const lostBondFound = defineRemedy({
  id: 'lost-bond-found',
  words: 'Shut off by the utility, then the lost bond or neutral found',
  off: 'service',
  parts: { 'bonding-jumper': 1 },
  minutes: [60, 120, 300],
  tell: [{ whom: 'utility', why: 'the supply is shut off', days: 1 }],
  record: ['enclosure to earth, by a loading meter'],
  ways,
});

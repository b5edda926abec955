import { legsBalanced as ways } from '../ways/legs-balanced';
import { defineRemedy } from '../remedy';

export const balanceNextTime = defineRemedy({
  id: 'balance-next-time',
  words: 'Circuits moved to the other leg when the panel is next worked on',
  minutes: [20, 40, 90],
  record: ['legs'],
  ways,
});

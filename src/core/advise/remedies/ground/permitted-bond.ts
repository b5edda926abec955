import { permittedBond as ways } from '../ways/permitted-bond';
import { defineRemedy } from '../remedy';

export const permittedBond = defineRemedy({
  id: 'permitted-bond',
  words: 'The permitted bond, where every condition holds',
  parts: { 'bond-kit': 1 },
  minutes: [20, 40, 75],
  wrong: ['one condition that does not hold makes it a fault'],
  ways,
});

import { cleanStab as ways } from '../ways/clean-stab';
import { defineRemedy } from '../remedy';

export const cleanStab = defineRemedy({
  id: 'clean-stab',
  words: 'The breaker renewed and the stab cleaned, supply off',
  parts: { 'breaker-1': 1 },
  minutes: [30, 45, 90],
  ways,
});

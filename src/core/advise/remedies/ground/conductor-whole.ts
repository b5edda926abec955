import { electrodeConductorWhole as ways } from '../ways/electrode-conductor-whole';
import { defineRemedy } from '../remedy';

export const conductorWhole = defineRemedy({
  id: 'conductor-whole',
  words: 'The cut conductor renewed whole',
  off: 'nothing',
  parts: { 'electrode-conductor-metre': 6, clamp: 1 },
  minutes: [30, 60, 120],
  ways,
});

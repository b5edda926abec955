import { largerGround as ways } from '../ways/larger-ground';
import { defineRemedy } from '../remedy';

export const largerGround = defineRemedy({
  id: 'larger-ground',
  words: 'A larger grounding conductor',
  parts: { 'electrode-conductor-metre': 8 },
  minutes: [60, 120, 240],
  ways,
});

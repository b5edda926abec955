import { placesApart as ways } from '../ways/places-apart';
import { defineRemedy } from '../remedy';

export const placesToOwnCircuit = defineRemedy({
  id: 'places-to-own-circuit',
  words: 'The other places moved to a circuit of their own',
  parts: { 'branch-cable-metre': 20, 'breaker-1': 1 },
  minutes: [120, 240, 540],
  wrong: ['walls are opened'],
  ways,
});

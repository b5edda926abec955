import { tandemToSingles as ways } from '../ways/tandem-to-singles';
import { defineRemedy } from '../remedy';

export const tandemToSingles = defineRemedy({
  id: 'tandem-to-singles',
  words: 'A full-size breaker in a free position for each circuit',
  parts: { 'breaker-1': 2 },
  minutes: [30, 45, 90],
  ways,
});

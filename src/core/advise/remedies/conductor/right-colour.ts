import { anotherColour as ways } from '../ways/another-colour';
import { defineRemedy } from '../remedy';

export const rightColour = defineRemedy({
  id: 'right-colour',
  words: 'A conductor of another colour',
  parts: { 'conductor-metre': 15 },
  minutes: [45, 90, 240],
  ways,
});

import { anotherColour as ways } from '../ways/another-colour';
import { defineRemedy } from '../remedy';

export const anotherColour = defineRemedy({
  id: 'another-colour',
  words: 'Where it runs in a raceway: a conductor of another colour',
  parts: { 'conductor-metre': 15 },
  minutes: [30, 60, 150],
  ways,
});

import { methodForIt as ways } from '../ways/method-for-it';
import { defineRemedy } from '../remedy';

export const methodMadeForIt = defineRemedy({
  id: 'method-made-for-it',
  words: 'A wiring method made for it',
  off: 'circuit',
  parts: { 'branch-cable-metre': 12 },
  minutes: [60, 150, 300],
  ways,
});

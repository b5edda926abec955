import { defineRemedy, leaves } from '../remedy';

export const listedClamp = defineRemedy({
  id: 'listed-clamp',
  words: 'A listed clamp on clean metal',
  off: 'nothing',
  parts: { clamp: 1 },
  minutes: [15, 25, 50],
  ways: leaves({ clamp: 'sound' }),
});

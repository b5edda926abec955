import { defineRemedy, leaves } from '../remedy';

export const racewayOverIt = defineRemedy({
  id: 'raceway-over-it',
  words: 'A raceway over it',
  off: 'circuit',
  parts: { 'raceway-metre': 6 },
  minutes: [60, 120, 240],
  ways: leaves({ exposure: 'none' }),
});

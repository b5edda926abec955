import { defineRemedy, leaves } from '../remedy';

export const cableForThePlace = defineRemedy({
  id: 'cable-for-the-place',
  words: 'A cable made for the place',
  off: 'circuit',
  parts: { 'branch-cable-metre': 12 },
  minutes: [90, 180, 360],
  ways: leaves({ exposure: 'none' }),
});

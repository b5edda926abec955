import { defineRemedy, leaves } from '../remedy';

export const oneCableThrough = defineRemedy({
  id: 'one-cable-through',
  words: 'One cable through',
  off: 'circuit',
  parts: { 'branch-cable-metre': 12 },
  minutes: [60, 120, 300],
  ways: leaves({ splices: 'in-boxes' }),
});

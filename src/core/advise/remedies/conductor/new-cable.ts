import { defineRemedy, leaves } from '../remedy';

export const newCable = defineRemedy({
  id: 'new-cable',
  words: 'A new cable',
  off: 'circuit',
  parts: { 'branch-cable-metre': 20 },
  minutes: [90, 180, 420],
  wrong: ['walls may be opened'],
  ways: leaves({ jacketState: 'sound' }),
});

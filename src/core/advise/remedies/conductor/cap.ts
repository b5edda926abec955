import { defineRemedy, leaves } from '../remedy';

export const cap = defineRemedy({
  id: 'cap',
  words: 'A cap of the right size',
  parts: { 'paint-and-sundries': 0.2 },
  minutes: [5, 10, 20],
  ways: leaves({ endState: 'capped' }),
});

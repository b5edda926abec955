import { defineRemedy, leaves } from '../remedy';

export const greenOrBare = defineRemedy({
  id: 'green-or-bare',
  words: 'A green or bare conductor',
  parts: { 'conductor-metre': 15 },
  minutes: [30, 60, 150],
  ways: leaves({ colour: 'green' }, { at: (here) => here.things('conductor')[0] ?? here.ref }),
});

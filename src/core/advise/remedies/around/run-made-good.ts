import { defineRemedy, leaves } from '../remedy';

export const runMadeGood = defineRemedy({
  id: 'run-made-good',
  words: 'The run fastened and protected, its fittings made tight',
  off: 'circuit',
  minutes: [20, 60, 180],
  record: ['the ground path measured'],
  ways: leaves({ runStates: [] }),
});

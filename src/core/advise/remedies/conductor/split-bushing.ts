import { defineRemedy, leaves } from '../remedy';

export const splitBushing = defineRemedy({
  id: 'split-bushing',
  words: 'A split bushing that goes on without lifting the wires',
  parts: { bushing: 1 },
  minutes: [5, 10, 20],
  ways: leaves({ bushing: 'fitted' }),
});

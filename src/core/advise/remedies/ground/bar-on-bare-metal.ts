import { defineRemedy, leaves } from '../remedy';

export const barOnBareMetal = defineRemedy({
  id: 'bar-on-bare-metal',
  words: 'The bar fitted with its own screws on bare metal',
  parts: { 'ground-bar': 1 },
  minutes: [15, 25, 50],
  ways: leaves({ barBonded: 'bonded' }),
});

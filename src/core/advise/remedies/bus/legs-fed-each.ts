import { defineRemedy, leaves } from '../remedy';

export const legsFedEach = defineRemedy({
  id: 'legs-fed-each',
  words: 'Each leg fed by its own hot: a supply of two hots and a neutral',
  parts: { 'branch-cable-metre': 20 },
  minutes: [120, 300, 600],
  record: ['A to neutral, B to neutral, A to B'],
  ways: leaves({ legFeed: 'each' }),
});

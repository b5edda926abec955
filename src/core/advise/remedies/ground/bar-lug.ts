import { defineRemedy, leaves } from '../remedy';

export const barLug = defineRemedy({
  id: 'bar-lug',
  words: 'A lug for this size on the bar, or a screw for each',
  parts: { 'lug-kit': 1 },
  minutes: [15, 30, 60],
  record: ['torque at the screw'],
  ways: leaves({ screwFits: true }),
});

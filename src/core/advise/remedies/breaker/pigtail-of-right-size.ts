import { defineRemedy, leaves } from '../remedy';

export const pigtailOfRightSize = defineRemedy({
  id: 'pigtail-of-right-size',
  words: 'A pigtail of the right size',
  parts: { 'wire-connector': 1 },
  minutes: [15, 25, 45],
  record: ['torque at the screw'],
  ways: leaves({ terminalFit: 'fits' }),
});

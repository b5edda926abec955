import { pigtail as ways } from '../ways/pigtail';
import { defineRemedy } from '../remedy';

export const pigtail = defineRemedy({
  id: 'pigtail',
  words: 'Join the conductors in a listed connector and bring one to the breaker',
  parts: { 'wire-connector': 1 },
  minutes: [15, 25, 45],
  wrong: ['no slack in the wires, brittle insulation breaks when it is bent'],
  record: ['torque at the screw'],
  ways,
});

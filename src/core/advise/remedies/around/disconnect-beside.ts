import { defineRemedy, leaves } from '../remedy';

export const disconnectBeside = defineRemedy({
  id: 'disconnect-beside',
  words: 'A disconnect beside the appliance',
  off: 'circuit',
  parts: { 'appliance-disconnect': 1 },
  minutes: [60, 90, 180],
  ways: leaves({ disconnectInSight: 'in-sight' }),
});

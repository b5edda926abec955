import { defineRemedy, leaves } from '../remedy';

export const jumperBetweenElectrodes = defineRemedy({
  id: 'jumper-between-electrodes',
  words: 'A bonding jumper between the electrodes',
  off: 'nothing',
  parts: { 'electrode-conductor-metre': 6, clamp: 2 },
  minutes: [30, 60, 120],
  ways: leaves({ electrodeJoined: 'joined' }),
});

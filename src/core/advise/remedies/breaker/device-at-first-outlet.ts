import { deviceAtFirstOutlet as ways } from '../ways/device-at-first-outlet';
import { defineRemedy } from '../remedy';

export const deviceAtFirstOutlet = defineRemedy({
  id: 'device-at-first-outlet',
  words: 'A device at the first outlet',
  off: 'circuit',
  parts: { 'ground-fault-receptacle': 1 },
  minutes: [25, 40, 75],
  ways,
});

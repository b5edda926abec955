import { defineRemedy, leaves } from '../remedy';

export const devicesForAluminium = defineRemedy({
  id: 'devices-for-aluminium',
  words: 'Devices marked for aluminium',
  off: 'circuit',
  parts: { receptacle: 8 },
  minutes: [60, 120, 240],
  ways: leaves({}, { at: () => undefined }),
});

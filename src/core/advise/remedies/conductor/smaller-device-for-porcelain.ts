import { smallerOnCable as ways } from '../ways/smaller-on-cable';
import { defineRemedy } from '../remedy';

export const smallerDeviceForPorcelain = defineRemedy({
  id: 'smaller-device-for-porcelain',
  words: 'A smaller device, where it is over-protected',
  parts: { 'breaker-1': 1 },
  minutes: [10, 20, 40],
  ways,
});

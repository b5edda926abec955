import { outletProtected as ways } from '../ways/outlet-protected';
import { defineRemedy } from '../remedy';

export const groundFaultDevice = defineRemedy({
  id: 'ground-fault-device',
  words: 'A ground-fault device',
  off: 'circuit',
  parts: { 'ground-fault-receptacle': 1 },
  minutes: [15, 25, 50],
  ways,
});

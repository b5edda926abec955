import { straightVoltage as ways } from '../ways/straight-voltage';
import { defineRemedy } from '../remedy';

export const straightVoltage = defineRemedy({
  id: 'straight-voltage',
  words: 'A breaker marked with the straight voltage',
  parts: { 'breaker-2': 1 },
  minutes: [25, 40, 75],
  ways,
});

import { listedForTwo as ways } from '../ways/listed-for-two';
import { defineRemedy } from '../remedy';

export const listedForTwo = defineRemedy({
  id: 'listed-for-two',
  words: 'A breaker listed for two wires',
  parts: { 'breaker-1': 1 },
  minutes: [15, 20, 40],
  record: ['torque at the screw'],
  ways,
});

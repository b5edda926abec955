import { ownPosition as ways } from '../ways/own-position';
import { defineRemedy } from '../remedy';

export const ownPosition = defineRemedy({
  id: 'own-position',
  words: 'A breaker of its own in a free position',
  parts: { 'breaker-1': 1 },
  minutes: [20, 35, 60],
  wrong: ['the wire may not reach the position'],
  record: ['torque at the screws'],
  ways,
});

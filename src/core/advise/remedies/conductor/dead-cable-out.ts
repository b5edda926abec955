import { takeCableOut as ways } from '../ways/take-cable-out';
import { defineRemedy } from '../remedy';

export const deadCableOut = defineRemedy({
  id: 'dead-cable-out',
  words: 'The dead cable taken out',
  minutes: [20, 45, 120],
  ways,
});

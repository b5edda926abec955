import { neutralEach as ways } from '../ways/neutral-each';
import { defineRemedy } from '../remedy';

export const neutralEach = defineRemedy({
  id: 'neutral-each',
  words: 'A neutral for each circuit',
  parts: { 'branch-cable-metre': 20 },
  minutes: [180, 300, 600],
  wrong: ['walls are opened'],
  ways,
});

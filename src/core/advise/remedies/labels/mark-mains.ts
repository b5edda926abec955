import { markMain as ways } from '../ways/mark-main';
import { defineRemedy } from '../remedy';

export const markMains = defineRemedy({
  id: 'mark-mains',
  words: 'A permanent mark on each main',
  off: 'nothing',
  parts: { marking: 1 },
  minutes: [5, 10, 20],
  ways,
});

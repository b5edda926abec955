import { wholeRod as ways } from '../ways/whole-rod';
import { defineRemedy } from '../remedy';

export const wholeRodBeside = defineRemedy({
  id: 'whole-rod-beside',
  words: 'A whole rod driven beside it, and joined',
  off: 'nothing',
  parts: { 'ground-rod': 1, 'electrode-conductor-metre': 2 },
  minutes: [60, 90, 180],
  wrong: ['what is buried there is asked for before a rod is driven'],
  ways,
});

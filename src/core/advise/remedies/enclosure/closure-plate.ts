import { closeKnockout as ways } from '../ways/close-knockout';
import { defineRemedy } from '../remedy';

export const closurePlate = defineRemedy({
  id: 'closure-plate',
  words: 'A closure plate made for it: minutes and small money',
  parts: { 'closure-plate': 1 },
  minutes: [5, 10, 20],
  ways,
});

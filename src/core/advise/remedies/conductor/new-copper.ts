import { newCopper as ways } from '../ways/new-copper';
import { defineRemedy } from '../remedy';

export const newCopper = defineRemedy({
  id: 'new-copper',
  words: 'New copper wiring',
  parts: { 'branch-cable-metre': 40, box: 4 },
  minutes: [240, 420, 900],
  wrong: ['walls are opened'],
  ends: ['the run is judged by today’s edition where it is renewed'],
  ways,
});

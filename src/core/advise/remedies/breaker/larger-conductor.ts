import { largerConductor as ways } from '../ways/larger-conductor';
import { defineRemedy } from '../remedy';

export const largerConductor = defineRemedy({
  id: 'larger-conductor',
  words: 'A larger conductor for the whole run',
  parts: { 'branch-cable-metre': 20, box: 2 },
  minutes: [120, 240, 600],
  wrong: ['walls are opened; a part of the run may be missed'],
  ends: ['the run is judged by today’s edition where it is renewed'],
  ways,
});

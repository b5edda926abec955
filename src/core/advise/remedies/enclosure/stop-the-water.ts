import { dryInside as ways } from '../ways/dry-inside';
import { defineRemedy } from '../remedy';

export const stopTheWater = defineRemedy({
  id: 'stop-the-water',
  words: 'Follow the water: mast, conduit, wall; stop it there first',
  parts: { supports: 2 },
  minutes: [60, 120, 300],
  wrong: ['water may come from a part that is not the panel’s'],
  ways,
});

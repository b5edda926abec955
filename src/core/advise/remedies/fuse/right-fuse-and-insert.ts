import { rightFuse as ways } from '../ways/right-fuse';
import { defineRemedy } from '../remedy';

export const rightFuseAndInsert = defineRemedy({
  id: 'right-fuse-and-insert',
  words: 'A fuse of the right size, in a size-limiting insert',
  parts: { 'plug-fuse': 1, 'fuse-insert': 1 },
  minutes: [10, 15, 30],
  wrong: ['the load may be more than the wire carries: then the circuit is divided'],
  ways,
});

import { insertsInEveryBase as ways } from '../ways/inserts-in-every-base';
import { defineRemedy } from '../remedy';

export const insertsInEveryBase = defineRemedy({
  id: 'inserts-in-every-base',
  words: 'Size-limiting inserts of the wire’s size in every base',
  parts: { 'fuse-insert': 4, 'plug-fuse': 4 },
  minutes: [20, 40, 75],
  wrong: ['they do not come out again'],
  ways,
});

import { rightFuse as ways } from '../ways/right-fuse';
import { defineRemedy } from '../remedy';

export const insertOfSize = defineRemedy({
  id: 'insert-of-size',
  words: 'An insert of the wire’s size; inserts cost little and do not come out',
  parts: { 'fuse-insert': 1, 'plug-fuse': 1 },
  minutes: [10, 15, 30],
  wrong: ['the old insert may not come out: then the base is renewed'],
  ways,
});

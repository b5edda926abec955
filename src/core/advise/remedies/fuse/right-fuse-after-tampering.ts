import { rightFuse as ways } from '../ways/right-fuse';
import { defineRemedy } from '../remedy';

export const rightFuseAfterTampering = defineRemedy({
  id: 'right-fuse-after-tampering',
  words: 'The circuit left off; a fuse of the right size in a size-limiting insert',
  parts: { 'plug-fuse': 1, 'fuse-insert': 1 },
  minutes: [15, 30, 60],
  wrong: ['what it fed may have burned while it was bridged: look first'],
  ways,
});

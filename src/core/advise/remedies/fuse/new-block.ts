import { newBlock as ways } from '../ways/new-block';
import { defineRemedy } from '../remedy';

export const newBlock = defineRemedy({
  id: 'new-block',
  words: 'A new block, where it is still made',
  parts: { 'fuse-block': 1 },
  minutes: [60, 120, 240],
  wrong: ['the part may no longer be made'],
  ways,
});

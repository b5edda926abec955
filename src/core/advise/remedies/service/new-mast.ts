import { mastRenewed as ways } from '../ways/mast-renewed';
import { defineRemedy } from '../remedy';

export const newMast = defineRemedy({
  id: 'new-mast',
  words: 'A new mast or weatherhead',
  off: 'service',
  parts: { mast: 1, permit: 1 },
  minutes: [180, 300, 480],
  tell: [
    { whom: 'utility', why: 'the drop is taken off for it', days: 10 },
    { whom: 'permit', why: 'the mast is changed', days: 10 },
  ],
  ways: ways(['loose-mast', 'no-drip-loop', 'frayed', 'low']),
});

import { mainAhead as ways } from '../ways/main-ahead';
import { defineRemedy } from '../remedy';

export const mainAhead = defineRemedy({
  id: 'main-ahead',
  words: 'A main ahead of the panel',
  off: 'service',
  parts: { disconnect: 1, permit: 1 },
  minutes: [180, 300, 480],
  tell: [
    { whom: 'utility', why: 'the supply is off for it', days: 5 },
    { whom: 'permit', why: 'a new disconnect', days: 10 },
  ],
  ends: ['the old panel is downstream then: neutral and ground are parted in it'],
  ways,
});

import { defineRemedy, leaves } from '../remedy';

export const deadFront = defineRemedy({
  id: 'dead-front',
  words: 'The dead front made for this panel',
  parts: { 'dead-front': 1 },
  minutes: [20, 40, 90],
  wrong: ['the part may no longer be made'],
  ways: leaves(
    { deadFront: 'sound' },
    { at: (here) => (here.message === 'socket' ? undefined : here.ref) },
  ),
});

import { defineRemedy, leaves } from '../remedy';

export const socketCover = defineRemedy({
  id: 'socket-cover',
  words: 'A cover on the meter socket, by the utility',
  who: 'utility',
  off: 'service',
  minutes: [20, 40, 90],
  tell: [{ whom: 'utility', why: 'the socket is its own to close', days: 1 }],
  ways: leaves(
    { socketCover: 'fitted' },
    { at: (here) => (here.message === 'socket' ? here.ref : undefined) },
  ),
});

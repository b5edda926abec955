import { defineRemedy, leaves } from '../remedy';

export const meterSocketMended = defineRemedy({
  id: 'meter-socket-mended',
  words: 'The utility mends or renews the meter socket',
  who: 'utility',
  off: 'service',
  minutes: [60, 120, 240],
  tell: [{ whom: 'utility', why: 'the socket is its own to open', days: 5 }],
  ways: leaves({ meterLug: 'sound' }),
});

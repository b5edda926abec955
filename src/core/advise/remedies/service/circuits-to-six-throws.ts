import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const circuitsToSixThrows = defineRemedy({
  id: 'circuits-to-six-throws',
  words: 'Circuits moved so that six throws or fewer remain',
  off: 'service',
  parts: { 'main-breaker': 1 },
  minutes: [120, 240, 480],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves(
    (here) =>
      here.reader.inspection.things.get(here.ref)?.type === 'disconnect'
        ? { disconnectThrows: 6 }
        : { mainThrows: 6 },
    {
      when: () => [
        notKnown('so many circuits can be put together', 'see which throws could be one'),
      ],
    },
  ),
});

import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const encasedRun = defineRemedy({
  id: 'encased-run',
  words: 'The run encased, where the authority accepts it',
  off: 'service',
  parts: { 'raceway-metre': 8, permit: 1 },
  minutes: [240, 480, 900],
  tell: [{ whom: 'permit', why: 'it is its decision', days: 10 }],
  ways: leaves(
    { insideRun: 'short' },
    {
      when: () => [
        notKnown('the authority accepts it as outside the building', 'ask the authority'),
      ],
    },
  ),
});

import { notKnown, notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const dripShield = defineRemedy({
  id: 'drip-shield',
  words: 'A drip shield, where the authority accepts it',
  parts: { 'drip-shield': 1 },
  minutes: [30, 60, 120],
  ways: leaves(
    { waterNearby: [], waterNear: 'none' },
    {
      when: (here) => [
        here.reader.value(here.panel.id, 'waterNearby')?.includes('pump')
          ? notMet('a pump below is not kept off by a shield')
          : notKnown('the authority accepts a shield', 'ask the authority'),
      ],
    },
  ),
});

import { notKnown, notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const cutEndBack = defineRemedy({
  id: 'cut-end-back',
  words: 'The end cut back',
  minutes: [10, 20, 40],
  wrong: ['no slack to cut back'],
  ways: leaves(
    { insulationState: 'sound' },
    {
      when: (here) => [
        here.reader.value(here.ref, 'insulationState') === 'brittle'
          ? notMet('brittle insulation breaks again where it is bent')
          : notKnown(
              'the damage is at its end, and there is slack',
              'see how long the sound part is',
            ),
      ],
    },
  ),
});

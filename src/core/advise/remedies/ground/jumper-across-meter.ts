import { met, notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const jumperAcrossMeter = defineRemedy({
  id: 'jumper-across-meter',
  words: 'A jumper across the meter',
  off: 'nothing',
  parts: { 'electrode-conductor-metre': 2, clamp: 2 },
  minutes: [20, 40, 75],
  ways: leaves(
    { pipeBonded: 'bonded' },
    {
      at: (here) => (here.message === 'far' ? undefined : here.ref),
      when: (here) => [
        here.reader.value(here.ref, 'pipeBonded') === 'broken'
          ? met('the bond is broken by a meter or plastic')
          : notMet('there is no bond to bridge'),
      ],
    },
  ),
});

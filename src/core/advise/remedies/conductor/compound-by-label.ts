import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const compoundByLabel = defineRemedy({
  id: 'compound-by-label',
  words: 'The ends cleaned, compound put on, the screws set by the label',
  minutes: [15, 25, 50],
  record: ['torque at the screw'],
  ways: (here) =>
    here.message === 'no-compound'
      ? one(here, (work) =>
          here.device?.terminals.forEach(({ ref }) => work.say(ref, { inhibitor: 'present' })),
        )
      : [],
});

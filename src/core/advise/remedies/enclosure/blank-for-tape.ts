import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const blankForTape = defineRemedy({
  id: 'blank-for-tape',
  words: 'The blank made for this panel in place of what closes it now',
  parts: { blank: 1 },
  minutes: [5, 10, 20],
  ways: (here) =>
    here.message === 'tape' ? one(here, (work) => work.say(here.ref, { opening: 'blanked' })) : [],
});

import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const limitsFromMaker = defineRemedy({
  id: 'limits-from-maker',
  words: 'The limits from the maker by the model stamped on the interior',
  off: 'nothing',
  minutes: [20, 45, 120],
  ways: leaves(
    { ratingLabel: 'legible' },
    {
      when: () => [
        notKnown(
          'the maker still tells the limits of this model',
          'ask the maker by the model stamped on the interior',
        ),
      ],
    },
  ),
});

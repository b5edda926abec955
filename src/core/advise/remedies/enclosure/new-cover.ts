import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const newCover = defineRemedy({
  id: 'new-cover',
  words: 'A new cover, after that',
  parts: { 'dead-front': 1 },
  minutes: [20, 40, 90],
  wrong: ['the part may no longer be made'],
  ways: leaves(
    { scorch: 'none', scorchAt: [] },
    {
      when: () => [
        notKnown('what burned was found and mended', 'look behind the mark for the source'),
      ],
    },
  ),
});

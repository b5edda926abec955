import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const interlock = defineRemedy({
  id: 'interlock',
  words: 'A listed interlock for this panel',
  parts: { interlock: 1 },
  minutes: [40, 75, 150],
  ways: leaves(
    { interlock: 'listed', bothCanClose: false },
    {
      when: () => [
        notKnown('an interlock is made for this panel', 'look for the kit by the panel’s model'),
      ],
    },
  ),
});

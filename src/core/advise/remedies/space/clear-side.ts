import { notKnown } from '../condition';
import { lengthMm } from '../length-mm';
import { defineRemedy, leaves } from '../remedy';

export const clearSide = defineRemedy({
  id: 'clear-side',
  words: 'Clear what stands at the side',
  who: 'owner',
  off: 'nothing',
  minutes: [15, 45, 120],
  ways: leaves(
    (here) => ({
      equipmentWidth: here.reader.value(here.panel.id, 'equipmentWidth') ?? 360,
      clearWidth: Math.max(800, lengthMm(here.reader.value(here.panel.id, 'equipmentWidth')) ?? 0),
    }),
    { when: () => [notKnown('it can be moved: it is no wall', 'see what stands there')] },
  ),
});

import { defineRemedy, leaves } from '../remedy';

export const markHighLeg = defineRemedy({
  id: 'mark-high-leg',
  words: 'Orange marks at every joint of the leg, and a mark on the panel',
  parts: { marking: 2 },
  minutes: [15, 30, 60],
  ways: leaves({ highLegMarked: true }),
});

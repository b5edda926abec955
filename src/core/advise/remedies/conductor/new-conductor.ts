import { defineRemedy, leaves } from '../remedy';

export const newConductor = defineRemedy({
  id: 'new-conductor',
  words: 'A new conductor',
  parts: { 'branch-cable-metre': 15, box: 1 },
  minutes: [60, 150, 360],
  wrong: ['walls may be opened'],
  ways: leaves({ insulationState: 'sound', heatMark: false, melted: false }),
});

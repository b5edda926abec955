import { defineRemedy, leaves } from '../remedy';

export const wiresReRouted = defineRemedy({
  id: 'wires-re-routed',
  words: 'Wires re-routed',
  parts: { supports: 1 },
  minutes: [45, 90, 180],
  ways: leaves(
    { fillPercent: 35, spliceFillPercent: 60, bundledOver600: 0 },
    { at: (here) => (here.message === 'bundle' ? undefined : here.ref) },
  ),
});

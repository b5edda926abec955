import { defineRemedy, leaves } from '../remedy';

export const troughBeside = defineRemedy({
  id: 'trough-beside',
  words: 'A trough beside the panel',
  parts: { trough: 1 },
  minutes: [120, 180, 300],
  ways: leaves(
    { fillPercent: 35, spliceFillPercent: 60, bundledOver600: 0 },
    { at: (here) => (here.message === 'bundle' ? undefined : here.ref) },
  ),
});

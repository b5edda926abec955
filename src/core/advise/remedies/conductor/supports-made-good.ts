import { defineRemedy, leaves } from '../remedy';

export const supportsMadeGood = defineRemedy({
  id: 'supports-made-good',
  words: 'Supports and fittings made good',
  parts: { supports: 1 },
  minutes: [20, 40, 90],
  ways: leaves(
    { methodFault: 'none' },
    { at: (here) => (here.message === 'cord' ? undefined : here.ref) },
  ),
});

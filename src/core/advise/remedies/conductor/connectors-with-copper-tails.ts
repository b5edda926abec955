import { defineRemedy, leaves } from '../remedy';

export const connectorsWithCopperTails = defineRemedy({
  id: 'connectors-with-copper-tails',
  words: 'Listed connectors with copper pigtails at every joint',
  off: 'circuit',
  parts: { 'aluminium-pigtail': 12 },
  minutes: [60, 120, 240],
  ways: leaves({}, { at: () => undefined }),
});

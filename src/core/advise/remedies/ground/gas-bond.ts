import { defineRemedy, leaves } from '../remedy';

export const gasBond = defineRemedy({
  id: 'gas-bond',
  words: 'A bond of 6 copper to the grounding system',
  off: 'nothing',
  parts: { 'electrode-conductor-metre': 6, clamp: 1 },
  minutes: [45, 75, 150],
  ways: leaves({ pipeBonded: 'bonded', bondSize: '6' }),
});

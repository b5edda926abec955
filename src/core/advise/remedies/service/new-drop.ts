import { mastRenewed as ways } from '../ways/mast-renewed';
import { defineRemedy } from '../remedy';

export const newDrop = defineRemedy({
  id: 'new-drop',
  words: 'The utility renews the drop',
  who: 'utility',
  off: 'service',
  minutes: [60, 180, 360],
  tell: [{ whom: 'utility', why: 'the drop is its own', days: 10 }],
  ways: ways(['frayed', 'low', 'no-drip-loop']),
});

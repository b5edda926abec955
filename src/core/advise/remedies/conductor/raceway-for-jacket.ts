import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const racewayForJacket = defineRemedy({
  id: 'raceway-for-jacket',
  words: 'A raceway, where the conductors inside are sound',
  off: 'circuit',
  parts: { 'raceway-metre': 6 },
  minutes: [60, 120, 240],
  ways: leaves(
    { jacketState: 'sound' },
    { when: () => [notKnown('the conductors inside are sound', 'look under the jacket')] },
  ),
});

import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const fixedPlatform = defineRemedy({
  id: 'fixed-platform',
  words: 'A fixed platform, where the authority accepts it',
  who: 'owner',
  off: 'nothing',
  parts: { supports: 4 },
  minutes: [60, 120, 240],
  tell: [{ whom: 'permit', why: 'a platform is its decision', days: 10 }],
  ways: leaves(
    { highestHandle: 1900 },
    { when: () => [notKnown('the authority accepts a platform', 'ask the authority')] },
  ),
});

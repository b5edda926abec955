import { ownerFeeds as ways } from '../ways/owner-feeds';
import { defineRemedy } from '../remedy';

export const ownerFeedsIt = defineRemedy({
  id: 'owner-feeds-it',
  words: 'The shared area fed from the owner’s panel',
  parts: { 'branch-cable-metre': 20, 'breaker-1': 1 },
  minutes: [120, 240, 540],
  ways,
});

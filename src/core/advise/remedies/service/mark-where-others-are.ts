import { notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const markWhereOthersAre = defineRemedy({
  id: 'mark-where-others-are',
  words: 'A mark at each disconnect that says where the others are',
  off: 'nothing',
  parts: { marking: 2 },
  minutes: [15, 30, 60],
  ways: leaves(
    { disconnectGrouping: 'together' },
    { when: () => [notMet('a mark tells where they are; it does not bring them together')] },
  ),
});

import { defineRemedy, leaves } from '../remedy';

export const rightScrews = defineRemedy({
  id: 'right-screws',
  words: 'Blunt machine screws made for this cover',
  parts: { 'cover-screws': 1 },
  minutes: [10, 15, 30],
  ways: leaves({ coverScrews: 'right', pointedNearConductors: false }),
});

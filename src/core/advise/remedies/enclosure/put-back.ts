import { defineRemedy, leaves } from '../remedy';

export const putBack = defineRemedy({
  id: 'put-back',
  words: 'Put back what is missing, before leaving',
  parts: { 'cover-screws': 1 },
  minutes: [10, 20, 40],
  ways: leaves({ closedUp: [] }),
});

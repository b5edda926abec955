import { defineRemedy } from '../remedy';

export const dateForPanel = defineRemedy({
  id: 'date-for-panel',
  words: 'A date and a budget for a new panel',
  who: 'owner',
  off: 'nothing',
  minutes: [0, 0, 0],
  advice: 'a date is a decision of the owner’s; it mends nothing',
});

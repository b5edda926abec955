import { defineRemedy, leaves } from '../remedy';

export const coverOfThisPanel = defineRemedy({
  id: 'cover-of-this-panel',
  words: 'The cover made for this panel',
  parts: { 'dead-front': 1 },
  minutes: [20, 40, 90],
  ways: leaves({ coverOf: 'own' }),
});

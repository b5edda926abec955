import { defineRemedy, leaves } from '../remedy';

export const newFitting = defineRemedy({
  id: 'new-fitting',
  words: 'A new fitting',
  parts: { bushing: 1 },
  minutes: [30, 60, 120],
  ways: leaves({ bushing: 'fitted' }),
});

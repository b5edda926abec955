import { defineRemedy } from '../remedy';

export const stabLookedAt = defineRemedy({
  id: 'stab-looked-at',
  words: 'The stab looked at, the position blanked if worn',
  parts: { blank: 1 },
  minutes: [15, 30, 60],
  advice: 'it follows the new breaker: what the stab is like is seen then',
});

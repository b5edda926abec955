import { newBreaker as ways } from '../ways/new-breaker';
import { defineRemedy } from '../remedy';

export const newBreakerByCode = defineRemedy({
  id: 'new-breaker-by-code',
  words: 'A new breaker, where the code says so',
  parts: { 'arc-fault-breaker': 1 },
  minutes: [20, 30, 60],
  ways,
});

import { voltagesRight as ways } from '../ways/voltages-right';
import { defineRemedy } from '../remedy';

export const neutralReMade = defineRemedy({
  id: 'neutral-re-made',
  words: 'The neutral followed from the transformer inward, and re-made',
  off: 'service',
  parts: { 'lug-kit': 1 },
  minutes: [60, 120, 300],
  tell: [{ whom: 'utility', why: 'the neutral is followed from its transformer', days: 1 }],
  record: ['legs at rest and with a large load on'],
  ways,
});

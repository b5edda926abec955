import { largerNeutral as ways } from '../ways/larger-neutral';
import { defineRemedy } from '../remedy';

export const largerNeutral = defineRemedy({
  id: 'larger-neutral',
  words: 'A larger neutral',
  off: 'service',
  parts: { 'feeder-metre': 10 },
  minutes: [120, 210, 420],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways,
});

import { defineRemedy, leaves } from '../remedy';

export const neutralLink = defineRemedy({
  id: 'neutral-link',
  words: 'A lug or link that opens the service neutral',
  off: 'service',
  parts: { 'lug-kit': 1 },
  minutes: [60, 120, 240],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves({ neutralSeparates: 'link' }),
});

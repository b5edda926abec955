import { defineRemedy, leaves } from '../remedy';

export const replacementBreakers = defineRemedy({
  id: 'replacement-breakers',
  words: 'Replacement breakers where the registry names them',
  parts: { 'breaker-1': 10 },
  minutes: [120, 180, 300],
  ways: leaves({}, { at: () => undefined }),
});

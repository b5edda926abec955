import { defineRemedy, leaves } from '../remedy';

export const connectorEach = defineRemedy({
  id: 'connector-each',
  words: 'A connector of its own for each cable',
  parts: { 'cable-clamp': 1 },
  minutes: [10, 15, 30],
  ways: leaves({ cableClamp: 'clamped' }),
});

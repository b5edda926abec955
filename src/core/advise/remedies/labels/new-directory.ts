import { defineRemedy, leaves } from '../remedy';

export const newDirectory = defineRemedy({
  id: 'new-directory',
  words: 'The directory this program prints, after a trace',
  off: 'circuit',
  parts: { marking: 1 },
  minutes: [60, 120, 240],
  ways: leaves({ directory: 'specific' }),
});

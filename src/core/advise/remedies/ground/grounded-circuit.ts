import { defineRemedy, leaves } from '../remedy';

export const groundedCircuit = defineRemedy({
  id: 'grounded-circuit',
  words: 'A grounded circuit',
  off: 'circuit',
  parts: { 'branch-cable-metre': 20 },
  minutes: [120, 240, 540],
  ways: leaves({ groundRun: true }),
});

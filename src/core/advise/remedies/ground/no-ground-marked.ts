import { defineRemedy, leaves } from '../remedy';

export const noGroundMarked = defineRemedy({
  id: 'no-ground-marked',
  words: 'Ground-fault protection and the mark "no ground"',
  off: 'circuit',
  parts: { 'ground-fault-receptacle': 1, marking: 0.5 },
  minutes: [20, 40, 75],
  ways: leaves({ ungroundedMarked: true }),
});

import { torqueToLabel as ways } from '../ways/torque-to-label';
import { defineRemedy } from '../remedy';

export const newTerminal = defineRemedy({
  id: 'new-terminal',
  words: 'A new terminal, where over-tightened',
  parts: { 'lug-kit': 1 },
  minutes: [45, 90, 180],
  record: ['torque by the label'],
  ways,
});

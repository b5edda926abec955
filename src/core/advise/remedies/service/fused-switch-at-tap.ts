import { defineRemedy, leaves } from '../remedy';

export const fusedSwitchAtTap = defineRemedy({
  id: 'fused-switch-at-tap',
  words: 'A fused switch at the tap, and the marks beside the main',
  off: 'service',
  minutes: [120, 240, 480],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves({ tapSwitch: 'near', rapidShutdownMark: true }),
});

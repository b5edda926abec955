import { reterminateAluminium as ways } from '../ways/reterminate-aluminium';
import { defineRemedy } from '../remedy';

export const reTerminateAluminium = defineRemedy({
  id: 're-terminate-aluminium',
  words: 'Re-terminated with inhibitor and torque, supply off',
  off: 'service',
  parts: { inhibitor: 1 },
  minutes: [30, 60, 120],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  wrong: ['an old lug may crack when it is moved'],
  record: ['torque by the label'],
  ways,
});

import { cutBackLug as ways } from '../ways/cut-back-lug';
import { defineRemedy } from '../remedy';

export const cutBackAndReTerminate = defineRemedy({
  id: 'cut-back-and-re-terminate',
  words: 'Cut back, re-terminated and torqued with the supply off',
  off: 'service',
  parts: { inhibitor: 1 },
  minutes: [45, 90, 180],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  wrong: ['no slack to cut back, an old lug may crack when it is moved'],
  record: ['torque by the label'],
  ways,
});

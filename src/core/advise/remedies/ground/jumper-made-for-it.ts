import { defineRemedy, leaves } from '../remedy';

export const jumperMadeForIt = defineRemedy({
  id: 'jumper-made-for-it',
  words: 'The screw or strap made for the panel',
  off: 'service',
  minutes: [20, 40, 90],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  record: ['torque by the label'],
  ways: leaves({ bondJumper: 'factory' }),
});

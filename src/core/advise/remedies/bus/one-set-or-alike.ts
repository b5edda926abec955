import { defineRemedy, leaves } from '../remedy';

export const oneSetOrAlike = defineRemedy({
  id: 'one-set-or-alike',
  words: 'One conductor of the size wanted, or sets of 1/0 and larger, alike',
  off: 'service',
  minutes: [180, 360, 600],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  record: ['torque by the label'],
  ways: leaves((here) => ({
    setsDiffer: [],
    ...(here.message === 'small' && { supplySize: '1/0' }),
  })),
});

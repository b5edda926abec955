import { defineRemedy, leaves } from '../remedy';

export const moveIndoors = defineRemedy({
  id: 'move-indoors',
  words: 'Move the equipment indoors',
  off: 'service',
  parts: { 'service-conductors': 1, permit: 1 },
  minutes: [480, 720, 1200],
  tell: [
    { whom: 'permit', why: 'the service is moved', days: 10 },
    { whom: 'utility', why: 'the supply is off for it', days: 5 },
  ],
  wrong: ['the new place must keep clear space in front'],
  ways: leaves({ metersLocation: 'indoors' }),
});

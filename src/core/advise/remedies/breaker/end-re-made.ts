import { defineRemedy, leaves } from '../remedy';

export const endReMade = defineRemedy({
  id: 'end-re-made',
  words: 'The end re-made',
  minutes: [10, 20, 40],
  wrong: ['no slack to cut back'],
  record: ['torque at the screw'],
  ways: leaves({ terminalFit: 'fits' }),
});

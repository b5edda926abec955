import { defineRemedy } from '../remedy';

export const askWhyOff = defineRemedy({
  id: 'ask-why-off',
  words: 'Ask why; look what it feeds before it is closed',
  off: 'nothing',
  minutes: [15, 30, 60],
  advice: 'why it is off is found out before anything is done',
});

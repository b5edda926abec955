import { defineRemedy, leaves } from '../remedy';

export const holdDown = defineRemedy({
  id: 'hold-down',
  words: 'The hold-down kit made for this panel',
  parts: { 'hold-down': 1 },
  minutes: [20, 30, 60],
  wrong: ['the kit may no longer be made'],
  ways: leaves({ heldDown: true }),
});

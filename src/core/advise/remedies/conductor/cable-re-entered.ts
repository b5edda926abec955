import { defineRemedy, leaves } from '../remedy';

export const cableReEntered = defineRemedy({
  id: 'cable-re-entered',
  words: 'The cable entered again, its jacket through a connector of its own',
  minutes: [15, 30, 60],
  ways: leaves({ sheathEnds: 'inside', cableClamp: 'clamped' }),
});

import { defineRemedy } from '../remedy';

export const legendOfTheCode = defineRemedy({
  id: 'legend-of-the-code',
  words: 'The wiring looked at by the legend of the code',
  off: 'circuit',
  minutes: [30, 60, 120],
  advice: 'it is the look that says what to do',
});

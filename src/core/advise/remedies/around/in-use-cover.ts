import { outletCovered as ways } from '../ways/outlet-covered';
import { defineRemedy } from '../remedy';

export const inUseCover = defineRemedy({
  id: 'in-use-cover',
  words: 'An in-use cover and a weather-resistant receptacle',
  off: 'circuit',
  parts: { 'in-use-cover': 1, receptacle: 1 },
  minutes: [15, 25, 50],
  ways,
});

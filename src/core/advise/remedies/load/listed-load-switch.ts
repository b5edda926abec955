import { loadSwitch as ways } from '../ways/load-switch';
import { defineRemedy } from '../remedy';

export const listedLoadSwitch = defineRemedy({
  id: 'listed-load-switch',
  words: 'Loads that do not run together, by a listed switch',
  parts: { 'load-switch': 1 },
  minutes: [90, 150, 300],
  ways,
});

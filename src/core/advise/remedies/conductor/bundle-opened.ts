import { bundleOpened as ways } from '../ways/bundle-opened';
import { defineRemedy } from '../remedy';

export const bundleOpened = defineRemedy({
  id: 'bundle-opened',
  words: 'The bundle opened',
  minutes: [15, 30, 60],
  ways,
});

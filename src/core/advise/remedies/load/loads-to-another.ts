import { lessLoad as ways } from '../ways/less-load';
import { defineRemedy } from '../remedy';

export const loadsToAnother = defineRemedy({
  id: 'loads-to-another',
  words: 'Loads moved to another circuit',
  off: 'circuit',
  parts: { 'branch-cable-metre': 15, box: 1 },
  minutes: [60, 120, 300],
  ways,
});

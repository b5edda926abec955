import { defineRemedy } from '../remedy';

export const applianceLookedAt = defineRemedy({
  id: 'appliance-looked-at',
  words: 'With the load only: the appliance and its joints looked at',
  off: 'circuit',
  minutes: [30, 60, 120],
  advice: 'the appliance’s own fault is not the panel’s',
});

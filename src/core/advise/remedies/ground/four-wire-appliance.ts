import { fourWireAppliance as ways } from '../ways/four-wire-appliance';
import { defineRemedy } from '../remedy';

export const fourWireAppliance = defineRemedy({
  id: 'four-wire-appliance',
  words: 'A four-wire circuit and cord',
  off: 'circuit',
  parts: { 'branch-cable-metre': 12, 'appliance-cord': 1 },
  minutes: [120, 210, 480],
  ends: ['the three-wire connection that was permitted while untouched'],
  ways,
});

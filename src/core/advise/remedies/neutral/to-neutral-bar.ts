import { neutralsToNeutralBar as ways } from '../ways/neutrals-to-neutral-bar';
import { defineRemedy } from '../remedy';

export const toNeutralBar = defineRemedy({
  id: 'to-neutral-bar',
  words: 'Move the neutrals to the isolated neutral bar',
  minutes: [20, 45, 90],
  wrong: ['the wires may not reach'],
  record: ['torque at the screws'],
  ways,
});

import { defineRemedy, leaves } from '../remedy';

export const panelLamp = defineRemedy({
  id: 'panel-lamp',
  words: 'A lamp at the panel, on a circuit of its own or with battery',
  off: 'nothing',
  parts: { lamp: 1 },
  minutes: [20, 40, 90],
  ways: leaves({ lightThere: true }),
});

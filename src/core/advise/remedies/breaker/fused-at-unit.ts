import { notMet, met } from '../condition';
import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const fusedAtUnit = defineRemedy({
  id: 'fused-at-unit',
  words: 'Fuses at the unit, where its nameplate asks for them',
  off: 'circuit',
  parts: { 'appliance-disconnect': 1, 'plug-fuse': 2 },
  minutes: [45, 75, 150],
  ways: (here) => {
    const load = here.terminal?.circuit?.loads[0]?.id;
    if (load === undefined) return [];
    return one(here, (work) => work.say(load, { fusedAtUnit: true }), {
      conditions: [
        here.message === 'fuse-only'
          ? met('its nameplate asks for fuses')
          : notMet('its nameplate does not ask for fuses'),
      ],
    });
  },
});

import { defineRemedy } from '../remedy';
import { one } from '../panel-work/one';

export const chargerCircuitRight = defineRemedy({
  id: 'charger-circuit-right',
  words: 'A circuit for the charger alone at 125 %, or the charger set lower and hard-wired',
  off: 'circuit',
  parts: { 'branch-cable-metre': 10 },
  minutes: [60, 180, 360],
  record: ['the current it is set to'],
  ways: (here) => {
    const circuit = here.panel.circuits.find(({ id }) => id === here.ref);
    const charger = circuit?.loads.find(({ kind }) => kind?.value === 'charger');
    const deviceA = here.panel.terminals.get(circuit?.terminals[0] ?? '')?.handleA;
    if (!circuit || !charger || deviceA === undefined || circuit.loads.length > 1) return [];
    return one(here, (work) =>
      work.say(charger.id, {
        chargerConnection: 'hard-wired',
        chargerA: Math.min(
          here.reader.value(charger.id, 'chargerA') ?? deviceA,
          Math.floor(deviceA * here.yardstick.continuousShare),
        ),
      }),
    );
  },
});

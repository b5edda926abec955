import { met } from '../condition';
import { takeOutDevice } from '../../../fieldwork/recording/take-out-device';
import { defineRemedy } from '../remedy';

/** Offered only where the client recorded that a circuit is not wanted: it is always the cheapest. */
export const retireCircuit = defineRemedy({
  id: 'retire-circuit',
  words: 'A circuit nobody wants taken out for good, its wires capped',
  minutes: [15, 25, 45],
  parts: { blank: 1, 'paint-and-sundries': 0.4 },
  wrong: ['something in use may hang on it: it is traced first'],
  global: (at) =>
    at.panel.circuits
      .filter(({ id }) => at.reader.value(id, 'notWanted') === true)
      .flatMap((circuit) => {
        const device = at.panel.terminals.get(circuit.terminals[0] ?? '')?.device;
        if (!device || device.terminals.some((one) => one.circuit && one.circuit.id !== circuit.id))
          return [];
        return [
          {
            key: circuit.id,
            says: `${circuit.name ?? 'The circuit'} on ${device.label} taken out for good, its wires capped`,
            conditions: [met('the client does not want it any more')],
            frees: { positions: device.height, labelCircuits: device.terminals.length },
            parts: { blank: device.height, 'paint-and-sundries': 0.4 },
            apply: (work) => {
              const panel = work.panelOf(at.panel.id)!;
              const now = work.device(device.id)!;
              const wires = now.terminals.flatMap(({ conductors }) => conductors);
              work.take(
                takeOutDevice(
                  now,
                  { leaves: 'blanked', withOthers: true },
                  { panel, site: work.site, newId: work.newId },
                ),
              );
              const cables = new Set(wires.flatMap(({ cable }) => cable?.id ?? []));
              for (const { id, cable } of panel.conductors)
                if (wires.some((one) => one.id === id) || (cable && cables.has(cable.id)))
                  work.say(id, { endState: 'capped' });
              work.say(circuit.id, { takenOut: true });
              return work.refusal;
            },
          },
        ];
      }),
});

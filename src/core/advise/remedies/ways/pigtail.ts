import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { loadTogether, notRequired } from '../panel-work/load';
import { add } from '../../../fieldwork/recording/draft';
import { compareSizes } from '../../../vocabulary/size';

/** Wires joined in a connector, one wire to the screw. Required circuits are joined with nothing. */
export const pigtail: Ways = (here) => {
  const { terminal, device } = here;
  if (!terminal || !device || terminal.conductors.length < 2) return [];
  return one(
    here,
    (work) => {
      const now = work.device(device.id)!.terminals[terminal.index - 1]!;
      const wires = now.conductors;
      const smallest = [...wires].sort((a, b) =>
        a.size && b.size ? compareSizes(a.size.value, b.size.value) : 0,
      )[0]!;
      const tail = work.newId();
      work.record([
        add('conductor', tail, here.panel.id, {
          function: 'hot',
          ...(smallest.size && { size: smallest.size.value }),
          ...(smallest.metal && { metal: smallest.metal.value }),
          colour: 'black',
          landsOn: now.ref,
          ...(now.circuit && { circuit: now.circuit.id }),
        }),
      ]);
      for (const { id } of wires)
        work.say(id, { landsOn: null, endState: 'joined', splicedTo: tail, spliceHow: 'listed' });
      work.say(now.ref, { conductorCount: 1 });
    },
    {
      says: `Wires of ${device.label} joined in a listed connector, one wire to the breaker`,
      conditions: [notRequired(here), loadTogether(here)],
      parts: { 'wire-connector': 1 },
    },
  );
};

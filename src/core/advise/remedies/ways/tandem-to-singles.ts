import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notMet } from '../condition';
import { positionFree } from '../panel-work/room';
import { renewDevice } from '../panel-work/devices';
import { newSingle } from '../panel-work/moves';

/** Each half of a tandem in a full position. */
export const tandemToSingles: Ways = (here) => {
  const device = here.device;
  if (!device || here.message !== 'tandem') return [];
  if (device.form !== 'tandem')
    return one(here, () => 'not a tandem', {
      conditions: [notMet('more than two circuits are on it')],
    });
  const [upper, lower] = device.terminals;
  return one(
    here,
    (work) => {
      const wire = work.device(device.id)!.terminals[1]?.conductors[0];
      const circuit = work.device(device.id)!.terminals[1]?.circuit;
      const refusal = newSingle(work, here.panel.id, {
        ratingA: lower?.handleA ?? 15,
        ...(wire && { conductor: wire.id }),
        ...(circuit && { circuit: circuit.id }),
      });
      if (refusal) return refusal;
      renewDevice(work, work.device(device.id)!, {
        form: 'single-pole',
        handleRatingsA: [upper?.handleA ?? 15],
      });
      return undefined;
    },
    { conditions: [positionFree(here, 1)], uses: { positions: 1 }, parts: { 'breaker-1': 2 } },
  );
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { partsOfDevice, ratingsAt, renewDevice } from '../panel-work/devices';
import { loadWithin } from '../panel-work/load';

/** A breaker as large as the wire, the outlet or the plate allows, where the load is within it. */
export const smallerBreaker: Ways = (here) => {
  const circuit = here.panel.circuits.find(({ id }) => id === here.ref);
  const device = here.device ?? here.panel.terminals.get(circuit?.terminals[0] ?? '')?.device;
  const limit = here.figure('limitA') ?? here.figure('outletA');
  if (
    !device ||
    limit === undefined ||
    here.message === 'plate-conductor' ||
    here.message === 'fuse-only'
  )
    return [];
  const ratingA = here.yardstick.standardRatingsA.findLast((one) => one <= limit);
  if (ratingA === undefined) return [];
  return one(
    here,
    (work) =>
      void renewDevice(work, work.device(device.id)!, {
        handleRatingsA: ratingsAt(here, device, ratingA),
      }),
    {
      says: `Breaker ${device.label}: ${device.terminals[0]?.handleA ?? ''} A out, ${ratingA} A in`,
      conditions: [loadWithin(here, device, ratingA)],
      parts: partsOfDevice(here, device),
    },
  );
};

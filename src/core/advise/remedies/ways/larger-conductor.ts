import { capital } from '../../../vocabulary/phrases';
import { met, notMet } from '../condition';
import { deviceWordOf } from '../panel-work/devices';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewRun, sizeFor } from '../panel-work/runs';
import { compareSizes } from '../../../vocabulary/size';

/** The whole run in a size that the device may protect. */
export const largerConductor: Ways = (here) => {
  const device = here.device;
  if (!device) return [];
  const least = here.message === 'plate-conductor' ? here.figure('limitA') : undefined;
  const ratingA = Math.max(device.terminals[0]?.handleA ?? 0, least ?? 0);
  if (here.message === 'plate' || here.message === 'fuse-only' || ratingA === 0) return [];
  const size = sizeFor(here.yardstick, ratingA, 'cu');
  const open = device.terminals.some(({ conductors }) =>
    conductors.some(({ cable }) => cable?.kind?.value === 'porcelain'),
  );
  return one(
    here,
    (work) => {
      for (const { conductors } of work.device(device.id)!.terminals)
        for (const conductor of conductors)
          if (
            !conductor.size ||
            compareSizes(conductor.size.value, size) < 0 ||
            conductor.metal?.value !== 'cu'
          )
            renewRun(work, conductor.id, { size, metal: 'cu' });
    },
    {
      says: `${capital(deviceWordOf(device))} ${device.label}: the whole run in ${size} copper`,
      conditions: [
        open
          ? notMet('open wiring is renewed as a whole, not made larger')
          : met('the run can be renewed'),
      ],
    },
  );
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { positionFree } from '../panel-work/room';
import { partsOfDevice } from '../panel-work/devices';
import { barPosition, moveWithNewBreaker, positionRefOf, positionsOf } from '../panel-work/moves';

/** The circuit moved to a sound position with a new breaker; where it stood is blanked and marked for good. */
export const leavePosition: Ways = (here) => {
  const position = here.panel.positions.find(
    ({ ref }) => ref === here.ref || ref === positionRefOf(here),
  );
  const device = position?.devices[0];
  const rows = device?.height ?? 0;
  return one(
    here,
    (work) => {
      const now = device && work.device(device.id);
      if (now) {
        const refusal = moveWithNewBreaker(work, here.panel.id, now, here.settings);
        if (refusal) return refusal;
      }
      for (const ref of positionsOf(here, device)) barPosition(work, ref);
      return undefined;
    },
    {
      says: device
        ? `Breaker ${device.label} to a sound position, by a new one; the old position blanked and marked`
        : `Position ${position?.number ?? ''} blanked and marked`,
      conditions: device ? [positionFree(here, rows)] : [],
      ...(device && { uses: { positions: rows } }),
      parts: { ...(device && partsOfDevice(here, device)), blank: Math.max(1, rows) },
    },
  );
};

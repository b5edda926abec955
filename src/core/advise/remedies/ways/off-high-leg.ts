import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { positionFree } from '../panel-work/room';
import { moveToFree } from '../panel-work/moves';
import { positionRef } from '../../../record/entries/thing-types';

/** Off the high leg, to a position on A or C. */
export const offHighLeg: Ways = (here) => {
  const device = here.device;
  if (!device) return [];
  return one(
    here,
    (work) => {
      const now = work.device(device.id)!;
      const bad = positionRef(here.panel.id, now.column, now.row);
      const refusal = moveToFree(
        work,
        here.panel.id,
        now,
        here.settings,
        (position) => position.leg !== 'B',
      );
      if (refusal) return refusal;
      work.say(bad, { opening: 'blanked' });
      return undefined;
    },
    { conditions: [positionFree(here, device.height)], uses: { positions: device.height } },
  );
};

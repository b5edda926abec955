import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { positionFree } from '../panel-work/room';
import { moveToFree } from '../panel-work/moves';
import { deviceOn } from '../device-on';

/** One of two opposite breakers to another row. */
export const moveToAnotherRow: Ways = (here) => {
  const devices = here.things('device').flatMap((id) => deviceOn(here.panel, id) ?? []);
  const device = [...devices].sort((a, b) => a.height - b.height)[0];
  if (!device) return [];
  return one(
    here,
    (work) => moveToFree(work, here.panel.id, work.device(device.id)!, here.settings),
    {
      conditions: [positionFree(here, device.height)],
      uses: { positions: device.height },
      frees: { positions: device.height },
    },
  );
};

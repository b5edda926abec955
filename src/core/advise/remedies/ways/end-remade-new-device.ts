import { isFuse } from '../../../vocabulary/device-forms';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { partsOfDevice, renewDevice } from '../panel-work/devices';

/** Ends cut back to bright metal under a new device. */
export const endRemadeNewDevice: Ways = (here) => {
  const device = here.device;
  return device
    ? one(here, (work) => void renewDevice(work, work.device(device.id)!), {
        parts: isFuse(device) ? { 'fuse-block': 1 } : partsOfDevice(here, device),
      })
    : [];
};

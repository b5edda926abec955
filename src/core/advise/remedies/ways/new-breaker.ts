import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { deviceWordOf, partsOfDevice, renewDevice } from '../panel-work/devices';
import { capital } from '../../../vocabulary/phrases';

/** A new breaker of the same rating, of a type on the label’s list. */
export const newBreaker: Ways = (here) => {
  const device = here.device;
  if (!device) return [];
  return one(here, (work) => void renewDevice(work, work.device(device.id)!), {
    says: `${capital(deviceWordOf(device))} ${device.label} by a new one`,
    parts: partsOfDevice(here, device),
  });
};

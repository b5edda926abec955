import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewDevice } from '../panel-work/devices';
import { firstThatClears } from '../panel-work/first-that-clears';

/** A breaker marked for the voltage between the legs it stands on. */
export const straightVoltage: Ways = (here) => {
  const device = here.device;
  return device
    ? one(here, (work) =>
        firstThatClears(here, work, ['straight', '480'] as const, (fork, voltageRating) => {
          renewDevice(fork, fork.device(device.id)!);
          fork.say(device.id, { voltageRating });
        }),
      )
    : [];
};

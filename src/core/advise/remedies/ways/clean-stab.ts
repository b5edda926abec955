import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewDevice } from '../panel-work/devices';
import { deviceAtPosition } from '../panel-work/moves';

/** A tarnished stab cleaned, with a new breaker on it. */
export const cleanStab: Ways = (here) =>
  one(here, (work) => {
    const device = deviceAtPosition(work, here.ref);
    if (device) renewDevice(work, device);
    work.say(here.ref, { busCondition: 'bright' });
  });

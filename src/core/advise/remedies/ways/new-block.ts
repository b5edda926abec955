import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';
import { renewDevice } from '../panel-work/devices';

/** A new block in the place of a burned one. */
export const newBlock: Ways = (here) => {
  const device = here.device;
  return device
    ? one(
        here,
        (work) => {
          renewDevice(work, work.device(device.id)!);
          work.say(device.id, { clips: 'sound' });
        },
        { conditions: [notKnown('the block is still made', 'ask by the panel’s model')] },
      )
    : [];
};

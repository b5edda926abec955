import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';
import { renewDevice } from '../panel-work/devices';

/** Holds when closed, after the wiring was found sound or the breaker renewed. */
export const holdsAgain: Ways = (here) => {
  const device = here.device;
  if (!device || here.message !== 'wiring') return [];
  return one(
    here,
    (work) => {
      renewDevice(work, work.device(device.id)!);
      work.say(device.id, { tripsOnClosing: 'no' });
    },
    {
      conditions: [
        notKnown(
          'the wiring is sound and the breaker is at fault',
          'test the wiring with the load off',
        ),
      ],
    },
  );
};

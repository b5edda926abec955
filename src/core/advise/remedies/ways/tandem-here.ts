import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notMet } from '../condition';
import { circuitsLeft } from '../panel-work/room';
import { renewDevice } from '../panel-work/devices';
import { houseLimit, tandemAllowed } from '../panel-work/tandems';
import { add } from '../../../fieldwork/recording/draft';
import { terminalRef } from '../../../record/entries/thing-types';
import { largestDeviceA } from '../../../codes/yardstick/conductor-limit';

/** Two breakers in the width of one, where the label allows them. */
export const tandemHere: Ways = (here) => {
  const { terminal, device } = here;
  if (!terminal || !device || terminal.conductors.length !== 2) return [];
  const [, second] = terminal.conductors;
  const limit =
    second?.size && second.metal
      ? largestDeviceA(here.yardstick, second.metal.value, second.size.value, 60, true)
      : undefined;
  const ratingA = terminal.handleA ?? 15;
  const other = Math.min(ratingA, limit ?? 15);
  return one(
    here,
    (work) => {
      renewDevice(work, work.device(device.id)!, {
        form: 'tandem',
        handleRatingsA: [ratingA, other],
      });
      const id = work.today(device.id);
      const circuit = work.newId();
      const screw = terminalRef(id, 2);
      work.record([
        add('circuit', circuit, here.panel.id, {
          terminals: [screw],
          name: 'from the doubled screw',
        }),
      ]);
      work.say(second!.id, { landsOn: screw, circuit });
      work.say(terminalRef(id, 1), { conductorCount: 1 });
      work.say(screw, { conductorCount: 1 });
    },
    {
      says: `Breaker ${device.label} by a tandem`,
      conditions: [
        device.form === 'single-pole' ? met('a single breaker') : notMet('it is no single breaker'),
        tandemAllowed(here, device),
        circuitsLeft(here, 1),
        houseLimit(here),
      ],
      uses: { labelCircuits: 1 },
      parts: { tandem: 1 },
    },
  );
};

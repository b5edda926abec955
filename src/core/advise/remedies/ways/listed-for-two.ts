import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';
import { renewDevice } from '../panel-work/devices';
import { loadTogether, notRequired } from '../panel-work/load';

/** A breaker whose screw is made for the pair under it. */
export const listedForTwo: Ways = (here) => {
  const { device, terminal } = here;
  if (!device || !terminal) return [];
  const pair = terminal.conductors.map(({ size, metal }) => `${size?.value}${metal?.value}`);
  const equal = pair.length === 2 && new Set(pair).size === 1 && /^1[024]cu$/.test(pair[0]!);
  return one(
    here,
    (work) => void renewDevice(work, work.device(device.id)!, { terminalTakes: 2 }),
    {
      says: `Breaker ${device.label} by one listed for two wires`,
      conditions: [
        equal
          ? met('two copper wires of one size')
          : notMet('screws made for two take two copper wires of one size, 14 to 10'),
        notKnown(
          'the label’s list names one for two wires',
          'look in the label’s list for a breaker marked for two',
        ),
        notRequired(here),
        loadTogether(here),
      ],
    },
  );
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown, notMet } from '../condition';

/** Loads moved to another circuit, so far that what is left fits. */
export const lessLoad: Ways = (here) => {
  const circuit = here.panel.circuits.find(({ id }) => id === here.ref);
  const terminals = circuit?.terminals ?? [];
  const rated = here.figure('deviceA') ?? 15;
  const oneLoad =
    (circuit?.loads.length ?? 0) === 1 &&
    here.reader.value(circuit!.loads[0]!.id, 'listedW') !== undefined;
  return one(
    here,
    (work) => {
      for (const ref of terminals)
        work.say(ref, { loadCurrentA: Math.floor(rated * here.yardstick.continuousShare) });
    },
    {
      conditions: [
        oneLoad
          ? notMet('it is one load: it cannot be divided')
          : notKnown(
              'another circuit can take some of it',
              'see what is on the circuit, and what the next one carries',
            ),
      ],
    },
  );
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';
import { positionFree } from '../panel-work/room';
import { newSingle } from '../panel-work/moves';
import { ratingOfCircuit } from '../panel-work/load';

/** Cables joined outside get a position each. */
export const breakerEach: Ways = (here) => {
  const cables = here.reader.value(here.ref, 'joinedCables') ?? 2;
  const circuit = here.panel.circuits.find(({ id }) => id === here.ref);
  const ratingA = here.terminal?.handleA ?? ratingOfCircuit(here.panel, circuit);
  const more = Math.max(1, cables - 1);
  return one(
    here,
    (work) => {
      for (let nth = 0; nth < more; nth += 1) {
        const refusal = newSingle(work, here.panel.id, {
          ratingA: ratingA ?? 15,
          name: `${circuit?.name ?? 'circuit'}, part ${nth + 2}`,
        });
        if (refusal) return refusal;
      }
      work.say(here.ref, { joinedCables: 1 });
      return undefined;
    },
    {
      conditions: [
        positionFree(here, more),
        notKnown('each cable reaches the panel', 'see where they are joined'),
      ],
      uses: { positions: more, labelCircuits: more },
      parts: { 'breaker-1': more, 'branch-cable-metre': 5 * more },
    },
  );
};

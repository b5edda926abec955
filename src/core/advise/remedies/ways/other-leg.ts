import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notMet } from '../condition';
import { bringBeside } from '../panel-work/moves';

/** One hot of a shared neutral beside the other, on the other leg, their handles tied. */
export const otherLeg: Ways = (here) => {
  const hots = here.panel.multiwires.find(({ id }) => id === here.ref)?.hots ?? [];
  const [first, second] = [...new Set(hots.map(({ device }) => device))];
  if (!first || !second)
    return one(here, () => 'both hots are on one device', {
      conditions: [notMet('both hots are on the halves of one device, which is one leg')],
    });
  return one(
    here,
    (work) => {
      const refusal = bringBeside(work, here.panel.id, first.id, second.id);
      if (refusal) return refusal;
      for (const { id } of [first, second]) work.say(id, { tie: 'listed' });
      return undefined;
    },
    {
      says: `Breaker ${second.label} beside ${first.label}, on the other leg, handles tied`,
      conditions: [
        first.height === 1 && second.height === 1 && !first.half && !second.half
          ? met('both are single breakers')
          : notMet('they are not both single breakers'),
      ],
    },
  );
};

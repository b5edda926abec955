import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { circuitsLeft, positionFree } from '../panel-work/room';
import { newSingle } from '../panel-work/moves';

/** Places that may not share a required circuit get one of their own. */
export const placesApart: Ways = (here) => {
  const places = here.reader.value(here.ref, 'places') ?? [];
  const required = places.filter((place) =>
    ['kitchen', 'bathroom', 'laundry', 'dining'].includes(place),
  );
  const kept =
    required.length > 0
      ? required.includes('kitchen')
        ? required.filter((place) => place === 'kitchen' || place === 'dining')
        : required.slice(0, 1)
      : places;
  const circuit = here.panel.circuits.find(({ id }) => id === here.ref);
  return one(
    here,
    (work) => {
      const refusal = newSingle(work, here.panel.id, {
        ratingA: 20,
        name: `${circuit?.name ?? 'circuit'}, the other places`,
        places: places.filter((place) => !kept.includes(place)),
      });
      if (refusal) return refusal;
      work.say(here.ref, {
        places: kept,
        joinedWith: 'no',
      });
      return undefined;
    },
    {
      conditions: [positionFree(here, 1), circuitsLeft(here, 1)],
      uses: { positions: 1, labelCircuits: 1 },
    },
  );
};

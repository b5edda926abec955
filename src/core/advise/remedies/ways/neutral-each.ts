import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { screwsFree } from '../panel-work/room';
import { freeScrew } from '../panel-work/screws';
import { add } from '../../../fieldwork/recording/draft';

/** A neutral of its own for each hot. */
export const neutralEach: Ways = (here) => {
  const multiwire = here.ref;
  const hots = here.panel.multiwires.find(({ id }) => id === multiwire)?.hots ?? [];
  const more = Math.max(1, hots.length - 1);
  return one(
    here,
    (work) => {
      for (const hot of hots.slice(1)) {
        const cable = work.newId();
        const id = work.newId();
        const screw = freeScrew(work, here.panel.id, 'neutral');
        if (screw === undefined) return 'no neutral screw is free';
        work.record([
          add('cable', cable, here.panel.id, { cableKind: 'nm' }),
          add('conductor', id, cable, {
            function: 'neutral',
            ...(hot.conductors[0]?.size && { size: hot.conductors[0].size.value }),
            metal: 'cu',
            landsOn: screw,
            ...(hot.circuit && { circuit: hot.circuit.id }),
          }),
        ]);
        work.say(screw, { conductorCount: 1 });
      }
      work.say(multiwire, { takenOut: true });
      return undefined;
    },
    { conditions: [screwsFree(here, 'neutral', more)], uses: { neutralTerminals: more } },
  );
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';

/** A dead cable taken out with its wires. */
export const takeCableOut: Ways = (here) => {
  const [conductor] = here.things('conductor');
  const cable = here.panel.conductors.find(({ id }) => id === conductor)?.cable?.id;
  if (conductor === undefined) return [];
  const landed = here.panel.conductors.some(
    (one) => one.cable && one.cable.id === cable && one.landsOn?.value,
  );
  return one(
    here,
    (work) => {
      for (const one of here.panel.conductors)
        if (one.id === conductor || (cable !== undefined && one.cable?.id === cable))
          work.say(one.id, { takenOut: true });
      if (cable !== undefined) work.say(cable, { takenOut: true });
    },
    {
      conditions: [
        landed ? notMet('other wires of the cable are in use') : met('no wire of it is landed'),
        ...(here.message === 'live'
          ? [notKnown('it is dead', 'find what feeds it and prove it dead')]
          : []),
      ],
    },
  );
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewRun } from '../panel-work/runs';

/** Open wiring renewed as cable. */
export const newWiring: Ways = (here) => {
  const [cable] = here.things('cable');
  if (cable === undefined) return [];
  return one(here, (work) => {
    const conductors = work
      .panelOf(here.panel.id)!
      .conductors.filter((one) => one.cable?.id === cable);
    const [first] = conductors;
    if (!first) return work.say(cable, { takenOut: true });
    renewRun(work, first.id, { size: undefined, metal: 'cu' });
    return undefined;
  });
};

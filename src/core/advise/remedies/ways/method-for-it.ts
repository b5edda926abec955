import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewRun } from '../panel-work/runs';

/** Wiring by a method made for the place. */
export const methodForIt: Ways = (here) => {
  const [cable] = here.things('cable');
  if (cable === undefined) return [];
  return one(here, (work) => {
    if (here.message !== 'cord') return work.say(cable, { methodFault: 'none' });
    for (const conductor of work.panelOf(here.panel.id)!.conductors)
      if (conductor.cable?.id === cable) {
        renewRun(work, conductor.id, { size: conductor.size?.value, metal: 'cu' });
        return;
      }
  });
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewRun } from '../panel-work/runs';

/** The run in copper. */
export const newCopper: Ways = (here) => {
  const conductors = here.things('conductor');
  return one(here, (work) => {
    for (const id of conductors) {
      const known = here.panel.conductors.find((one) => one.id === id);
      renewRun(work, id, { size: known?.size?.value ?? '12', metal: 'cu' });
    }
  });
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notMet } from '../condition';

/** Box or receptacle closed; a joint without a box gets one. */
export const boxCovered: Ways = (here) => {
  const states = here.reader.value(here.ref, 'boxStates') ?? [];
  const old = here.reader.value(here.ref, 'boxState');
  const splice = states.includes('open-splice') || old === 'open-splice';
  const plain = here.remedy.id === 'cover';
  return one(
    here,
    (work) =>
      work.say(here.ref, { boxStates: [], ...(old !== undefined && { boxState: 'closed' }) }),
    {
      conditions: plain
        ? [splice ? notMet('there is no box to cover') : met('the box is there')]
        : [],
    },
  );
};

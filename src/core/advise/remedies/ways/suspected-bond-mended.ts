import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';

/** With no second joint, the feeder neutral’s own drop shows again. */
export const suspectedBondMended: Ways = (here) =>
  one(here, (work) => work.say(here.panel.id, { ngV: 0.3 }), {
    conditions: [notKnown('there is a second joint, and where', 'look for it in this panel')],
  });

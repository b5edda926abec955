import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met } from '../condition';

/** Neutral and enclosure joined at the first disconnect, by the part made for it. */
export const bondFitted: Ways = (here) =>
  one(here, (work) => work.say(here.ref, { bond: 'screw' }), {
    conditions: [met('it is the first disconnect')],
  });

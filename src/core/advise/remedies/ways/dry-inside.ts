import type { Ways } from '../panel-work/one';
import { one } from '../panel-work/one';

/** The way of the water stopped; what it reached stays as it was found. */
export const dryInside: Ways = (here) =>
  one(here, (work) => work.say(here.panel.id, { waterStopped: true }));

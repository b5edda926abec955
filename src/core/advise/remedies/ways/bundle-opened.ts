import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** Cables that ran bundled run apart. */
export const bundleOpened: Ways = (here) =>
  here.message === 'bundle'
    ? one(here, (work) => here.things('cable').forEach((id) => work.say(id, { bundle: 0 })))
    : [];

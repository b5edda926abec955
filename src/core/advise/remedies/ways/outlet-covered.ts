import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** A cover that closes with something plugged in, on a receptacle made for weather. */
export const outletCovered: Ways = (here) =>
  one(here, (work) => work.say(here.ref, { inUseCover: true, weatherResistant: true }));

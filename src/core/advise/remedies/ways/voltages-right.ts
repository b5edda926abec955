import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';
import { nominalVoltages } from '../panel-work/supply';

/** Legs and neutral as they should be. */
export const voltagesRight: Ways = (here) =>
  one(here, (work) => nominalVoltages(here, work), {
    conditions: [notKnown('where it is lost', 'follow it from the transformer inward')],
  });

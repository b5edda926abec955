import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown, notMet } from '../condition';
import { nominalVoltages } from '../panel-work/supply';

/** A feeder with less drop. */
export const voltageRightDownstream: Ways = (here) =>
  one(here, (work) => nominalVoltages(here, work), {
    conditions: [
      here.panel.supply.place === 'first-disconnect'
        ? notMet('it is read at the first disconnect: no feeder is before it')
        : notKnown('only downstream is low', 'read the legs at the first disconnect'),
    ],
  });

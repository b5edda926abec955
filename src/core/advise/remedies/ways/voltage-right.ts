import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown } from '../condition';
import { nominalVoltages } from '../panel-work/supply';

/** Voltages within the range the supply is to keep. */
export const voltageRight: Ways = (here) =>
  one(here, (work) => nominalVoltages(here, work), {
    conditions: [
      here.panel.supply.place === 'downstream'
        ? notKnown('it is low or high at the service too', 'read the legs at the first disconnect')
        : met('it is read at the service'),
    ],
  });

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';
import { partNeutralAndGround } from '../panel-work/supply';

/** Neutral and enclosure parted downstream, where the feeder brings its own ground. */
export const bondUndone: Ways = (here) => {
  const ground = here.reader.value(here.panel.id, 'feederHasGround');
  const steel = here.reader.value(here.panel.id, 'supplyRaceway') === 'steel-raceway';
  return one(here, (work) => partNeutralAndGround(work, here.panel.id), {
    conditions: [
      ground === true || steel
        ? met('the feeder brings its own ground')
        : ground === false
          ? notMet('no ground is run with the feeder: undone, nothing would return a fault')
          : notKnown('a ground is run with the feeder', 'look for the feeder’s own ground first'),
    ],
  });
};

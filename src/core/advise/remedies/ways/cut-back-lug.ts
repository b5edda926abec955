import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notMet } from '../condition';

/** A discoloured end cut back to bright metal and terminated again; melted metal is not used again. */
export const cutBackLug: Ways = (here) => {
  const burned = here.message === 'burned';
  const lug = here.ref.includes('/');
  return one(
    here,
    (work) => work.say(here.ref, { lugCondition: 'sound', heatMark: false, tightness: 'firm' }),
    {
      conditions: [
        burned ? notMet('melted or pitted metal is not used again') : met('discoloured only'),
        lug ? met('it is a lug') : notMet('heat in the device itself is not cut back'),
      ],
    },
  );
};

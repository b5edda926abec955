import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewDevice } from '../panel-work/devices';

/** Burned metal renewed: the lugs, or the main. */
export const newMainOrLugs: Ways = (here) => {
  const sound = { heatMark: false, melted: false, tightness: 'firm' } as const;
  return one(here, (work) => {
    const device = work.device(here.ref);
    if (device) renewDevice(work, device);
    else if (here.ref.includes('/'))
      work.say(here.ref, { ...sound, lugCondition: 'sound', lugMechanics: 'sound' });
    else work.say(here.ref, sound);
  });
};

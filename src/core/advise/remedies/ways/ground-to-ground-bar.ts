import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { screwsFree } from '../panel-work/room';
import { groundsAt, landOn, neutralsAt } from '../panel-work/screws';

/** Grounds moved off a neutral bar. */
export const groundToGroundBar: Ways = (here) => {
  const grounds = groundsAt(here);
  return one(here, (work) => landOn(work, here.panel.id, grounds, 'ground'), {
    conditions: [screwsFree(here, 'ground', grounds.length)],
    uses: { groundTerminals: grounds.length },
    frees: { neutralTerminals: neutralsAt(here).length > 0 ? 0 : 1 },
  });
};

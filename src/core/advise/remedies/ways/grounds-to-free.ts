import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { screwsFree } from '../panel-work/room';
import { groundsAt, landOn } from '../panel-work/screws';

/** Grounds over what a screw is marked for, on screws of their own. */
export const groundsToFree: Ways = (here) => {
  const most = here.reader.value(here.panel.id, 'labelGroundsPerTerminal') ?? 1;
  const over = groundsAt(here).slice(most);
  return one(here, (work) => landOn(work, here.panel.id, over, 'ground'), {
    conditions: [screwsFree(here, 'ground', over.length)],
    uses: { groundTerminals: over.length },
  });
};

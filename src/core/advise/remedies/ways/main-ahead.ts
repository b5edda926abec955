import { met, notKnown } from '../condition';
import type { Ways } from '../panel-work/one';
import { one } from '../panel-work/one';
import { disconnectAhead } from '../panel-work/supply';

/** A, where nothing that says what the panel may carry was read. */
const usualA = 100;

/** A first disconnect ahead: the old panel is downstream then, its neutral and ground parted. One act. */
export const mainAhead: Ways = (here) => {
  if (here.ref !== here.panel.id) return [];
  const ratingA =
    here.panel.main?.terminals[0]?.handleA ??
    here.reader.value(here.panel.id, 'labelMainA') ??
    here.reader.value(here.panel.id, 'labelBusA');
  return one(here, (work) => disconnectAhead(work, here.ref, ratingA ?? usualA, here.yardstick), {
    conditions: [
      ratingA === undefined
        ? notKnown(`the bus bears a main of ${usualA} A`, 'read the bus rating on the label')
        : met(`the bus bears ${ratingA} A`),
    ],
  });
};

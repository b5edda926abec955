import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { disconnectAhead } from '../panel-work/supply';

/** A first disconnect ahead: the old panel is downstream then, its neutral and ground parted. One act. */
export const mainAhead: Ways = (here) => {
  const type = here.reader.inspection.things.get(here.ref)?.type;
  if (type !== 'panel') return [];
  return one(here, (work) => disconnectAhead(work, here.ref, 100));
};

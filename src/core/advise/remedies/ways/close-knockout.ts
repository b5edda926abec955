import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** A hole of the enclosure closed. */
export const closeKnockout: Ways = (here) =>
  one(here, (work) =>
    here.reader.inspection.things.get(here.ref)?.type === 'knockout'
      ? work.say(here.ref, { knockoutState: 'closed' })
      : work.say(here.ref, { knockoutsClosed: 'closed' }),
  );

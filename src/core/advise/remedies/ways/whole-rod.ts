import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** A whole rod beside the short one, joined: it is the electrode then. */
export const wholeRod: Ways = (here) =>
  one(here, (work) =>
    work.say(here.ref, {
      ...(here.reader.value(here.ref, 'rodState') !== undefined && { rodState: 'whole' }),
      rodLength: 2440,
    }),
  );

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** The disconnect says that it is one. */
export const markMain: Ways = (here) =>
  one(here, (work) =>
    work.say(
      here.ref,
      here.reader.inspection.things.get(here.ref)?.type === 'disconnect'
        ? { disconnectMarked: true }
        : { mainMarked: true },
    ),
  );

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** An enclosure held by the structure. */
export const fastenEnclosure: Ways = (here) => {
  const meter = here.reader.inspection.things.get(here.ref)?.type === 'meter';
  return one(here, (work) =>
    work.say(here.ref, meter ? { meterMounting: 'firm' } : { mounting: 'firm' }),
  );
};

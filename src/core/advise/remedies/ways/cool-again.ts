import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewDevice } from '../panel-work/devices';

/** A warm joint re-made, with a new breaker: as warm as the like part it was compared with. */
export const coolAgain: Ways = (here) => {
  const temperatures = here.finding.outcome.facts.filter(
    ({ property }) => property === 'temperatureC',
  );
  const like = Math.min(...temperatures.map(({ value }) => Number(value)));
  const current = here.reader.value(here.ref, 'loadCurrentA');
  return one(here, (work) => {
    const device = work.device(here.ref);
    if (device && !device.isMain) renewDevice(work, device);
    work.say(here.ref, {
      temperatureC: like,
      ...(current !== undefined && { loadCurrentA: current }),
    });
  });
};

import { observe } from '../../../fieldwork/recording/draft';
import { notKnown } from '../condition';
import { renewDevice } from '../panel-work/devices';
import type { Ways } from '../panel-work/one';
import { one } from '../panel-work/one';

/** What arced is renewed or re-made; it is quiet after it. */
export const arcingMended: Ways = (here) => {
  const facts = here.finding.outcome.facts.filter(({ property }) => property === 'arcing');
  return one(
    here,
    (work) => {
      for (const { about } of facts) {
        const device = work.device(about);
        if (device && !device.isMain) renewDevice(work, device);
        work.record([observe(work.reader, about, { arcing: false })]);
      }
      for (const about of [here.panel.id, here.panel.building])
        if (work.reader.value(about, 'listened') !== undefined || about === here.panel.id)
          work.say(about, { listened: 'quiet' });
    },
    {
      conditions: [notKnown('where it arced was found', 'look for the place with the supply off')],
    },
  );
};

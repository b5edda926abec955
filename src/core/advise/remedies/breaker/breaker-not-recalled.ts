import { defineRemedy } from '../remedy';
import { one } from '../panel-work/one';
import { renewDevice } from '../panel-work/devices';

export const breakerNotRecalled = defineRemedy({
  id: 'breaker-not-recalled',
  words: 'Another of a type on the label’s list that was not called back',
  parts: { 'breaker-1': 1 },
  minutes: [20, 30, 60],
  wrong: ['the maker’s notice is read first: it may replace it itself'],
  record: ['torque at the screw'],
  ways: (here) =>
    here.device
      ? one(here, (work) => {
          renewDevice(work, work.device(here.ref)!, {});
          // Whoever said that there was none was wrong of this one: the new one is read.
          if (here.reader.value(here.panel.id, 'recalledTypes') === 'none')
            work.say(here.panel.id, { recalledTypes: 'some' });
        })
      : [],
});

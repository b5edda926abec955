import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const breakerForAluminium = defineRemedy({
  id: 'breaker-for-aluminium',
  words: 'A breaker marked for aluminium, of a type on the label’s list, compound on the ends',
  parts: { 'breaker-2': 1 },
  minutes: [20, 35, 70],
  record: ['torque at the screw'],
  ways: (here) => {
    const { device } = here;
    if (!device) return [];
    return one(here, (work) => {
      work.say(device.id, { markedForAl: true });
      for (const { ref } of device.terminals) work.say(ref, { inhibitor: 'present' });
    });
  },
});

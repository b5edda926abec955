import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const wallClosed = defineRemedy({
  id: 'wall-closed',
  words:
    'The wall closed to the edge of the box, the front taken off and put back by the electrician',
  parts: { supports: 1 },
  minutes: [20, 45, 120],
  wrong: ['plaster and its dust inside the box: what is inside is covered for the work'],
  ways: (here) =>
    here.message === 'gap' ? one(here, (work) => work.say(here.ref, { wallAround: 'closed' })) : [],
});

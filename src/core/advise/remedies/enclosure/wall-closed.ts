import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const wallClosed = defineRemedy({
  id: 'wall-closed',
  words: 'The wall closed to the edge of the box with what the wall is made of',
  who: 'owner',
  off: 'nothing',
  parts: { supports: 1 },
  minutes: [20, 45, 120],
  wrong: ['plaster and its dust inside the box: the front stays on, its edge taped for the work'],
  ways: (here) =>
    here.message === 'gap' ? one(here, (work) => work.say(here.ref, { wallAround: 'closed' })) : [],
});

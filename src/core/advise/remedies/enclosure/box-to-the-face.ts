import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const boxToTheFace = defineRemedy({
  id: 'box-to-the-face',
  words: 'A collar made for this box, or the box brought forward to the face of the wall',
  parts: { supports: 2 },
  minutes: [45, 90, 240],
  wrong: ['cables that are too short once the box stands forward'],
  ways: (here) =>
    here.message === 'back'
      ? one(here, (work) => work.say(here.ref, { wallAround: 'closed' }))
      : [],
});

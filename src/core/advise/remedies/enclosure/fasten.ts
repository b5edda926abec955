import { fastenEnclosure as ways } from '../ways/fasten-enclosure';
import { defineRemedy } from '../remedy';

export const fasten = defineRemedy({
  id: 'fasten',
  words: 'Fastened to the structure; at the meter by the utility or with its leave',
  off: 'nothing',
  parts: { supports: 2 },
  minutes: [20, 40, 90],
  wrong: ['a screw into what runs behind the wall'],
  ways,
});

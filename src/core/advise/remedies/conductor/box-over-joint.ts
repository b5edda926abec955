import { met, notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const boxOverJoint = defineRemedy({
  id: 'box-over-joint',
  words: 'A box with a cover that can be reached',
  off: 'circuit',
  parts: { box: 1 },
  minutes: [20, 40, 90],
  ways: leaves(
    { splices: 'in-boxes' },
    {
      when: (here) => [
        here.reader.value(here.ref, 'splices') === 'buried'
          ? notMet('a buried joint is not reached by a box')
          : met('the joint is in sight'),
      ],
    },
  ),
});

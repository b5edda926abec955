import { otherLeg as ways } from '../ways/other-leg';
import { defineRemedy } from '../remedy';

export const otherLeg = defineRemedy({
  id: 'other-leg',
  words: 'Move one hot to the other leg and tie the handles',
  parts: { 'handle-tie': 1 },
  minutes: [25, 45, 90],
  record: ['neutral current afterwards'],
  ways,
});

import { offHighLeg as ways } from '../ways/off-high-leg';
import { defineRemedy } from '../remedy';

export const toLegAOrC = defineRemedy({
  id: 'to-leg-a-or-c',
  words: 'The circuit moved to leg A or C; the position blanked and marked',
  parts: { blank: 1 },
  minutes: [30, 45, 90],
  ways,
});

import { defineRemedy, leaves } from '../remedy';

export const lugForAluminium = defineRemedy({
  id: 'lug-for-aluminium',
  words: 'A lug marked for aluminium',
  off: 'service',
  parts: { 'lug-kit': 1, inhibitor: 1 },
  minutes: [45, 90, 180],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  wrong: ['the kit may no longer be made'],
  record: ['torque by the label'],
  ways: leaves({ markedForAl: true, inhibitor: 'present', strandsCut: false, moisture: false }),
});

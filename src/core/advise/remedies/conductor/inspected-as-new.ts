import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const inspectedAsNew = defineRemedy({
  id: 'inspected-as-new',
  words: 'The added part inspected as new work',
  who: 'authority',
  off: 'nothing',
  parts: { permit: 1 },
  minutes: [30, 60, 120],
  tell: [{ whom: 'permit', why: 'added work is inspected', days: 10 }],
  ways: leaves(
    (here) => (here.message === 'said' ? { partWork: 'permitted' } : { underPermit: 'asked for' }),
    { when: () => [notKnown('it passes as new work', 'have the rooms it feeds looked at')] },
  ),
});

import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const marksFitted = defineRemedy({
  id: 'marks-fitted',
  words: 'The marks fitted, with the utility’s fault current and its date',
  off: 'nothing',
  parts: { marking: 1 },
  minutes: [15, 30, 60],
  tell: [{ whom: 'utility', why: 'its fault current in writing', days: 10 }],
  ways: (here) =>
    one(here, (work) => {
      for (const { about, property, value } of here.finding.outcome.facts)
        if (value === false) work.say(about, { [property]: true });
    }),
});

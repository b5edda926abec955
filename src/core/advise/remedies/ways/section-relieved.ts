import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';

/** Circuits moved to the upper section until the lower one is within its feeder. */
export const sectionRelieved: Ways = (here) => {
  const rated = here.figure('deviceA');
  if (rated === undefined) return [];
  return one(
    here,
    (work) => {
      for (const { about, property } of here.finding.outcome.facts) {
        if (property === 'loadCurrentA')
          for (const { ref } of work.device(about)?.terminals ?? [])
            work.say(ref, { loadCurrentA: Math.floor(rated * 0.8) });
        if (property === 'sectionDemandA')
          work.say(about, { sectionDemandA: Math.floor(rated * 0.8) });
      }
    },
    {
      conditions: [
        notKnown(
          'the upper section has room for them',
          'see which throws of the upper section are free',
        ),
      ],
    },
  );
};

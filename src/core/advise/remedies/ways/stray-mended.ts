import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';

/** The second joint undone in the right order: no current on grounds and pipes then. */
export const strayMended: Ways = (here) =>
  one(
    here,
    (work) => {
      for (const { about, property } of here.finding.outcome.facts) {
        if (property === 'groundA') work.say(about, { groundA: 0 });
        if (property === 'pipeCurrentA') work.say(about, { pipeCurrentA: 0 });
      }
    },
    {
      conditions: [
        notKnown(
          'the second joint of neutral and ground was found',
          'look for it at each panel and pipe downstream',
        ),
      ],
    },
  );

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';

/** Metal that was live is at earth again. */
export const quietMetal: Ways = (here) =>
  one(
    here,
    (work) => {
      for (const { about, property } of here.finding.outcome.facts) {
        if (property === 'enclosureToEarthV') work.say(about, { enclosureToEarthV: 0 });
        if (property === 'metalTouched') work.say(about, { metalTouched: 'quiet' });
      }
      work.say(here.panel.id, { enclosureToEarthV: 0, enclosureMeter: 'loading' });
    },
    {
      conditions: [
        notKnown(
          'what makes it live was found',
          'find the lost bond or neutral with the supply off',
        ),
      ],
    },
  );

import { firstThatClears } from '../panel-work/first-that-clears';
import { met, notKnown } from '../condition';
import type { Ways } from '../panel-work/one';
import { one } from '../panel-work/one';
import { panelsBelow } from '../../../measure/load/panel-demand';

/** Two large loads that a listed switch never lets run together: the larger alone counts. */
export const loadSwitch: Ways = (here) => {
  const loads = panelsBelow(here.site, here.panel)
    .flatMap(({ circuits }) => circuits)
    .flatMap((circuit) => circuit.loads)
    .map(({ id }) => ({ id, watts: here.reader.value(id, 'listedW') ?? 0 }))
    .filter(({ watts }) => watts >= 1500)
    .sort((a, b) => b.watts - a.watts);
  // The least that is enough is tried first: two small ones before two large ones.
  const pairs = loads
    .flatMap((one, at) => loads.slice(at + 1).map((other) => ({ one, other })))
    .sort((a, b) => a.other.watts - b.other.watts);
  const measured = here.reader.value(here.panel.id, 'peakLegA');
  const rated = here.figure('deviceA');
  return one(
    here,
    (work) => {
      if (measured !== undefined && rated !== undefined)
        return work.say(here.panel.id, { peakLegA: Math.floor(rated * 0.75) });
      return firstThatClears(here, work, pairs, (fork, pair) =>
        fork.say(pair.other.id, { neverWith: pair.one.id }),
      );
    },
    {
      conditions: [
        loads.length >= 2 && measured === undefined
          ? met('two large loads are listed')
          : notKnown(
              'two large loads need not run together',
              'list the large loads with their power',
            ),
      ],
    },
  );
};

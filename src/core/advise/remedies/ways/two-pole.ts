import { areNeighbours, bringBeside, intoTwoPole, neighboursOf } from '../panel-work/moves';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notMet } from '../condition';
import { deviceOn } from '../device-on';

/** One breaker of two poles in the place of two. */
export const twoPole: Ways = (here) => {
  const devices = here.things('device').flatMap((id) => deviceOn(here.panel, id) ?? []);
  const all =
    devices.length === 1
      ? [...devices, ...neighboursOf(here.panel, devices[0]!).slice(0, 1)]
      : devices;
  const [first, second] = [...all].sort((a, b) => a.row - b.row);
  if (!first || !second) return [];
  const ratingA = Math.min(
    ...[first, second].map(({ terminals }) => terminals[0]?.handleA ?? Infinity),
  );
  const sameLeg = here.finding.verdict.rule.id === 'breaker/shared-neutral-same-leg';
  return one(
    here,
    (work) => {
      if (sameLeg) {
        const refusal = bringBeside(work, here.panel.id, first.id, second.id);
        if (refusal) return refusal;
      }
      return intoTwoPole(
        work,
        here.panel.id,
        first.id,
        second.id,
        Number.isFinite(ratingA) ? ratingA : 20,
        here.settings,
      );
    },
    {
      says: `Breakers ${first.label} and ${second.label} by one of two poles`,
      conditions: [
        [first, second].every(({ form }) => form === 'single-pole')
          ? met('two single breakers')
          : notMet('they are not two single breakers'),
        sameLeg || areNeighbours([first, second])
          ? met('side by side, or brought so')
          : notMet('they do not stand side by side'),
      ],
      parts: { 'breaker-2': 1 },
    },
  );
};

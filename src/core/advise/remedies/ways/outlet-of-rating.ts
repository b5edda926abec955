import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** A single outlet rated at least as its breaker. */
export const outletOfRating: Ways = (here) => {
  const load = here.finding.outcome.facts.find(
    ({ property }) => property === 'outletRatingA',
  )?.about;
  const ratings = here.finding.outcome.facts.find(({ property }) => property === 'handleRatingsA')
    ?.value as number[] | undefined;
  const ratingA = Math.max(...(ratings ?? []));
  return load === undefined || !Number.isFinite(ratingA)
    ? []
    : one(here, (work) => work.say(load, { outletRatingA: ratingA }));
};

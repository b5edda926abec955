import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';
import { setMain } from '../panel-work/devices';
import { panelDemands } from '../../../measure/load/panel-demand';

/** A main that what is behind it may bear, where the demand is within it. */
export const smallerMain: Ways = (here) => {
  const limit = Math.min(
    ...['limitA', 'busA', 'labelA'].flatMap((name) => here.figure(name) ?? []),
  );
  const ratingA = here.yardstick.standardRatingsA.findLast((one) => one <= limit);
  if (!Number.isFinite(limit) || ratingA === undefined) return [];
  const demand = panelDemands(here.site, here.panel, here.yardstick).demands.map((one) => one.amps);
  return one(here, (work) => setMain(work, here, ratingA), {
    says: `A main of ${ratingA} A`,
    conditions: [
      demand.length === 0
        ? notKnown(`the demand is within ${ratingA} A`, 'work out or measure the demand')
        : Math.min(...demand) <= ratingA
          ? met(`the demand is within ${ratingA} A`)
          : notMet(`the demand is ${Math.round(Math.min(...demand))} A`),
    ],
  });
};

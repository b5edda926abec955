import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';
import { setMain } from '../panel-work/devices';
import { firstThatClears } from '../panel-work/first-that-clears';

/** A main so small that the bus bears it and the other supply together. */
export const smallerMainForSource: Ways = (here) => {
  const sizes = [...here.yardstick.standardRatingsA]
    .reverse()
    .filter((one) => one <= (here.panel.main?.terminals[0]?.handleA ?? 0) && one >= 60);
  return here.panel.main
    ? one(
        here,
        (work) =>
          firstThatClears(here, work, sizes, (fork, ratingA) => setMain(fork, here, ratingA)),
        {
          conditions: [
            notKnown('the demand is within the smaller main', 'work out or measure the demand'),
          ],
        },
      )
    : [];
};

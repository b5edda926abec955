import { compareSizes, powerSizes } from '../../../vocabulary/size';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { firstThatClears } from '../panel-work/first-that-clears';

/** A neutral as large as the legs. */
export const largerNeutral: Ways = (here) =>
  one(here, (work) =>
    firstThatClears(
      here,
      work,
      powerSizes.filter((one) => compareSizes(one, '8') >= 0),
      (fork, size) => fork.say(here.ref, { supplyNeutralSize: size }),
    ),
  );

import { compareSizes, powerSizes } from '../../../vocabulary/size';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { firstThatClears } from '../panel-work/first-that-clears';

/** Supply conductors in the least size the device ahead of them may protect. */
export const largerSupply: Ways = (here) =>
  one(here, (work) =>
    firstThatClears(
      here,
      work,
      powerSizes.filter((one) => compareSizes(one, '4') >= 0),
      (fork, size) =>
        fork.say(here.ref, { supplySize: size, supplyMetal: 'cu', supplyNeutralSize: size }),
    ),
  );

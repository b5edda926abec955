import { compareSizes, powerSizes } from '../../../vocabulary/size';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { firstThatClears } from '../panel-work/first-that-clears';

/** A grounding conductor of the least size or more. */
export const largerGround: Ways = (here) => {
  const { ref, reader } = here;
  const type = reader.inspection.things.get(ref)?.type;
  const sizes = powerSizes.filter((one) => compareSizes(one, '14') > 0);
  const [conductor] = here
    .things('conductor')
    .filter((id) => reader.value(id, 'function') === 'ground');
  return one(here, (work) =>
    firstThatClears(here, work, sizes, (fork, size) => {
      if (type === 'electrode')
        fork.say(ref, { electrodeConductorSize: size, electrodeConductorMetal: 'cu' });
      else if (type === 'panel') fork.say(ref, { supplyGroundSize: size, supplyGroundMetal: 'cu' });
      else if (conductor !== undefined) fork.say(conductor, { size, metal: 'cu' });
    }),
  );
};

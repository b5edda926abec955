import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** A cut electrode conductor renewed from end to end. */
export const electrodeConductorWhole: Ways = (here) => {
  const cut = here
    .things('electrode')
    .filter((id) => here.reader.value(id, 'electrodeConductor') === 'cut');
  return cut.length === 0
    ? []
    : one(here, (work) =>
        cut.forEach((id) =>
          work.say(id, {
            electrodeConductor: 'seen-to-end',
            electrodeConductorSize: '4',
            electrodeConductorMetal: 'cu',
          }),
        ),
      );
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';

/** What tenants share is fed from the owner’s panel. */
export const ownerFeeds: Ways = (here) => {
  const places = here.reader.value(here.ref, 'places') ?? [];
  return one(
    here,
    (work) => work.say(here.ref, { places: places.filter((place) => place !== 'common-area') }),
    {
      conditions: [notKnown('the owner has a panel with room for it', 'ask for the owner’s panel')],
    },
  );
};

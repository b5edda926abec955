import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { screwsFree } from '../panel-work/room';
import { landOn } from '../panel-work/screws';

/** Neutrals moved off a ground bar, to the bar kept apart from the enclosure. */
export const neutralsToNeutralBar: Ways = (here) => {
  const bar = here.panel.bars.find(({ id }) => id === here.ref);
  const neutrals = (bar?.terminals ?? []).flatMap(({ conductors }) =>
    conductors.filter(({ function: use }) => use?.value === 'neutral').map(({ id }) => id),
  );
  return one(here, (work) => landOn(work, here.panel.id, neutrals, 'neutral'), {
    conditions: [screwsFree(here, 'neutral', neutrals.length)],
    uses: { neutralTerminals: neutrals.length },
    frees: { groundTerminals: neutrals.length },
    says: `${neutrals.length === 1 ? 'The neutral' : `${neutrals.length} neutrals`} to the neutral bar`,
  });
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** Every open position of the finding closed by a blank. */
export const blankOpening: Ways = (here) => {
  const open = here.finding.outcome.facts
    .filter(({ property, value }) => property === 'opening' && value === 'open')
    .map(({ about }) => about);
  return one(here, (work) => open.forEach((ref) => work.say(ref, { opening: 'blanked' })), {
    parts: { blank: open.length },
  });
};

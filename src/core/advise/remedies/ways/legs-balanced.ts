import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { notKnown } from '../condition';

/** Circuits moved so that the legs carry alike; what carries it is found by measuring. */
export const legsBalanced: Ways = (here) => {
  const legs = (['legA', 'legB', 'legC'] as const).filter(
    (leg) => here.reader.value(here.panel.id, leg) !== undefined,
  );
  const mean =
    legs.reduce((sum, leg) => sum + here.reader.value(here.panel.id, leg)!, 0) / legs.length;
  return one(
    here,
    (work) =>
      work.say(here.panel.id, Object.fromEntries(legs.map((leg) => [leg, Math.round(mean)]))),
    {
      conditions: [
        notKnown('which circuits carry the difference', 'measure the circuits under load'),
      ],
    },
  );
};

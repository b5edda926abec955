import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notMet } from '../condition';
import type { PropertyValue } from '../../../record/entries/properties';

/** What is wrong at drop, mast or weatherhead, as far as this work reaches. */
export const mastRenewed =
  (mends: readonly PropertyValue<'mastStates'>[number][]): Ways =>
  (here) => {
    const states = here.reader.value(here.ref, 'mastStates');
    const old = here.reader.value(here.ref, 'mast');
    const left = [...(states ?? []), ...(old && old !== 'sound' ? [old] : [])].filter(
      (state) => !mends.includes(state),
    );
    return one(
      here,
      (work) => work.say(here.ref, { mastStates: [], ...(old && { mast: 'sound' }) }),
      {
        conditions: [
          left.length === 0
            ? met('it reaches all that is wrong')
            : notMet('more is wrong than this reaches'),
        ],
      },
    );
  };

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';

/** Aluminium cut back, brushed, greased and set to torque. */
export const reterminateAluminium: Ways = (here) =>
  one(
    here,
    (work) =>
      work.say(here.ref, {
        markedForAl: true,
        inhibitor: 'present',
        strandsCut: false,
        moisture: false,
        tightness: 'firm',
      }),
    {
      conditions: [
        here.reader.value(here.ref, 'markedForAl') === false
          ? notMet('the lug is not marked for aluminium')
          : here.reader.value(here.ref, 'markedForAl') === undefined
            ? notKnown('the lug is marked for aluminium', 'read the mark on the lug')
            : met('the lug is marked for aluminium'),
        ...(here.message === 'strands'
          ? [notKnown('there is slack to cut back', 'see how long the sound part is')]
          : []),
      ],
    },
  );

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown } from '../condition';
import { nmOf, torqueOnLabel } from '../../../installation/panel/torque';

/** The label’s torque. */
export const torqueToLabel: Ways = (here) => {
  const label = torqueOnLabel(here.ref, here.panel, here.reader);
  const now = here.reader.value(here.ref, 'torqueNm');
  const over = label && now !== undefined && nmOf(now) > nmOf(label.value);
  return label
    ? one(here, (work) => work.say(here.ref, { torqueNm: label.value }), {
        conditions:
          here.remedy.id === 'new-terminal'
            ? []
            : [
                over
                  ? notKnown(
                      'the thread is sound after being over-tightened',
                      'look at the screw when it is loosened',
                    )
                  : met('it was not over-tightened'),
              ],
      })
    : [];
};

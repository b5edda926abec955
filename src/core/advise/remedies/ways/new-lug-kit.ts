import { torqueOnLabel } from '../../../installation/panel/torque';
import type { Ways } from '../panel-work/one';
import { one } from '../panel-work/one';

/** New lugs, set to the label’s torque. */
export const newLugKit: Ways = (here) => {
  const label = torqueOnLabel(here.ref, here.panel, here.reader);
  return one(here, (work) => {
    work.say(here.ref, {
      lugMechanics: 'sound',
      lugCondition: 'sound',
      tightness: 'firm',
      heatMark: false,
      melted: false,
      ...(here.reader.value(here.ref, 'torqueNm') !== undefined &&
        label && { torqueNm: label.value }),
    });
    for (const { about, property } of here.finding.outcome.facts)
      if (property === 'tightness') work.say(about, { tightness: 'firm' });
  });
};

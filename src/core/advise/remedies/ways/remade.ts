import { groundsAt, landOn, neutralsAt } from '../panel-work/screws';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { screwsFree } from '../panel-work/room';
import type { Situation } from '../situation';
import type { Work } from '../work';
import { torqueOnLabel } from '../../../installation/panel/torque';

/** A loose joint made firm, at the label’s torque where it was measured. */
export const remade: Ways = (here) => {
  const hot =
    here.ref.includes('/') &&
    (here.reader.value(here.ref, 'heatMark') || here.reader.value(here.ref, 'melted'));
  const onBar = here.panel.bars.some(({ id }) => id === here.ref.split('/')[0]);
  if (hot && onBar) {
    const wires = [...neutralsAt(here), ...groundsAt(here)];
    return one(
      here,
      (work) => landOn(work, here.panel.id, wires, 'neutral', here.ref) ?? firm(here, work),
      {
        says: 'The wire cut back and set under a free screw; the marked screw stays empty',
        conditions: [screwsFree(here, 'neutral', Math.max(1, wires.length))],
        uses: { neutralTerminals: wires.length },
      },
    );
  }
  return one(here, (work) => firm(here, work));
};

/** Firm now: the screw, and the wires of it that moved. */
function firm(here: Situation, work: Work): void {
  for (const { about, property } of here.finding.outcome.facts)
    if (property === 'tightness') work.say(about, { tightness: 'firm' });
  work.say(here.ref, {
    tightness: 'firm',
    ...(here.reader.value(here.ref, 'heatMark') === undefined && { heatMark: false }),
  });
  const label = torqueOnLabel(here.ref, here.panel, here.reader);
  if (here.reader.value(here.ref, 'torqueNm') !== undefined && label)
    work.say(here.ref, { torqueNm: label.value });
}

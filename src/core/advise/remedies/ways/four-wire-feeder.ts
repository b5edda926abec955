import { deviceAbove } from '../../../installation/panel/overcurrent-above';
import { met, notKnown } from '../condition';
import type { Ways } from '../panel-work/one';
import { one } from '../panel-work/one';
import { groundFor, partNeutralAndGround } from '../panel-work/supply';

/** A, where the device that feeds the panel was not read. */
const usualA = 100;

/** A feeder with its own ground; then neutral and enclosure are parted. */
export const fourWireFeeder: Ways = (here) => {
  const above = deviceAbove(here.site, here.panel)?.ratingA;
  const metal = here.reader.value(here.panel.id, 'supplyMetal') ?? 'cu';
  return one(
    here,
    (work) => {
      work.say(here.panel.id, {
        feederHasGround: true,
        supplyGroundSize: groundFor(here.yardstick, above ?? usualA, metal),
        supplyGroundMetal: metal,
      });
      partNeutralAndGround(work, here.panel.id);
    },
    {
      conditions: [
        above === undefined
          ? notKnown(`its device is ${usualA} A at most`, 'read the device that feeds it')
          : met(`its device is ${above} A`),
      ],
    },
  );
};

import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { partNeutralAndGround } from '../panel-work/supply';
import type { powerSizes } from '../../../vocabulary/size';
import { deviceAbove } from '../../../installation/panel/overcurrent-above';

/** A feeder with its own ground; then neutral and enclosure are parted. */
export const fourWireFeeder: Ways = (here) => {
  const above = deviceAbove(here.site, here.panel)?.ratingA ?? 100;
  const metal = here.reader.value(here.panel.id, 'supplyMetal') ?? 'cu';
  const row = here.yardstick.equipmentGround.find(({ upToA }) => upToA >= above);
  return one(here, (work) => {
    work.say(here.panel.id, {
      feederHasGround: true,
      supplyGroundSize: (row ?? here.yardstick.equipmentGround.at(-1)!)[
        metal
      ] as (typeof powerSizes)[number],
      supplyGroundMetal: metal,
    });
    partNeutralAndGround(work, here.panel.id);
  });
};

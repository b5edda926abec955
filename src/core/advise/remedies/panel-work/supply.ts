import { add } from '../../../fieldwork/recording/draft';
import type { Yardstick } from '../../../codes/yardstick/yardstick';
import type { Metal, powerSizes } from '../../../vocabulary/size';
import { systems, toGroundV } from '../../../vocabulary/system';
import type { PropertyName } from '../../../record/entries/properties';
import type { Situation } from '../situation';
import type { Work } from '../work';
import { landOn } from './screws';

/** 250.122: the least equipment ground run with a feeder behind a device, A. */
export function groundFor(yardstick: Yardstick, ratingA: number, metal: Metal): PowerSize {
  const { equipmentGround } = yardstick;
  const row = equipmentGround.find(({ upToA }) => upToA >= ratingA) ?? equipmentGround.at(-1)!;
  return row[metal] as PowerSize;
}
type PowerSize = (typeof powerSizes)[number];

/** Neutral and enclosure parted in a panel, bars on standoffs; what was joined elsewhere stays. */
export function partNeutralAndGround(work: Work, panel: string): void {
  const { reader, panels } = work.site;
  work.say(panel, { bond: 'none' });
  for (const bar of panels.find(({ id }) => id === panel)?.bars ?? [])
    if (bar.kind === 'neutral' && reader.value(bar.id, 'barMounting') === 'on-can')
      work.say(bar.id, { barMounting: 'standoffs' });
}

/** Grounds off the neutral bars of a panel, each to a screw of a ground bar. */
export function groundsOffNeutralBars(work: Work, panel: string): string | undefined {
  const view = work.site.panels.find(({ id }) => id === panel);
  const grounds = (view?.bars ?? [])
    .filter(({ kind }) => kind === 'neutral')
    .flatMap(({ terminals }) => terminals.flatMap(({ conductors }) => conductors))
    .filter(({ function: use }) => use?.value === 'ground')
    .map(({ id }) => id);
  return landOn(work, panel, grounds, 'ground');
}

/**
 * A first disconnect ahead of a panel, as one act: joined and earthed there, a feeder of four wires to
 * the panel, whose neutral and ground are parted.
 */
export function disconnectAhead(
  work: Work,
  panel: string,
  ratingA: number,
  yardstick: Yardstick,
): string | undefined {
  const { reader, panels } = work.site;
  const view = panels.find(({ id }) => id === panel)!;
  const id = work.newId();
  const from = reader.value(panel, 'fedFrom');
  const size = reader.value(panel, 'supplySize');
  const metal = reader.value(panel, 'supplyMetal');
  work.record([
    add('disconnect', id, view.building, {
      name: 'New disconnect',
      disconnectRole: 'service',
      disconnectFused: true,
      disconnectRatingA: ratingA,
      disconnectGrouping: 'only',
      disconnectMarked: true,
      disconnectThrows: 1,
      bond: 'screw',
      ...(from !== undefined && { fedFrom: from }),
      ...(size && { supplySize: size }),
      ...(metal && { supplyMetal: metal }),
    }),
  ]);
  work.say(panel, {
    fedFrom: id,
    separateBuilding: false,
    feederHasGround: true,
    supplyGroundSize: groundFor(yardstick, ratingA, 'cu'),
    supplyGroundMetal: 'cu',
    ...(reader.value(panel, 'mainThrows') !== undefined && { mainThrows: 1 }),
  });
  partNeutralAndGround(work, panel);
  return groundsOffNeutralBars(work, panel);
}

/** The readings of a panel that were taken, as a sound supply gives them. */
export function nominalVoltages(here: Situation, work: Work): void {
  const { system, id } = here.panel;
  const legV = toGroundV(system);
  const acrossV = systems[system].legToLegV;
  const expected: [PropertyName, number][] = [
    ['anV', legV],
    ['bnV', legV],
    ['cnV', legV],
    ['abV', acrossV],
    ['bcV', acrossV],
    ['caV', acrossV],
    ['anLoadedV', legV],
    ['bnLoadedV', legV],
    ['abLoadedV', acrossV],
  ];
  work.say(
    id,
    Object.fromEntries(
      expected.filter(([property]) => here.reader.value(id, property) !== undefined),
    ),
  );
}

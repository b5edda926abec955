import type { Fact } from '../../../record/entries/inspection';
import { formOf } from '../../../vocabulary/device-forms';
import type { DeviceView, PanelView } from '../../../installation/panel/views';
import { ownMain, supplyDevice } from '../../../installation/panel/overcurrent-above';
import { SupplyTree } from '../../../installation/supply/tree';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { Outcome, Scene } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

type BusPlace = Place & {
  /** The source itself, at the panel it feeds or is kept with. */
  source?: true;
  /** The breaker by which the sources below reach this bus. */
  feeder?: string | undefined;
};

/** 705.12(B): sources and main together on one bus, found only if none of its ways holds. */
export const twoSupplies = defineRule<BusPlace>({
  id: 'bus/two-supplies',
  title: 'Main and second source together over the bus',
  stage: 6,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: true,
  finds:
    'Every bus from the source up to the service is asked, each with the device ahead of it. Found where none of these holds: that device plus 1.25 times the inverter current within the bus; the same within 1.2 times the bus with the source at the far end (for a panel above, the feeder breaker’s place); all breakers but the main together within the bus. A tap ahead of the main is outside this rule.',
  example: 'A 200 A main and a 40 A inverter breaker on a 200 A bus, next to the main.',
  sources: [{ code: '705.12(B)', says: 'load-side connection of sources' }],
  remedies: ['smaller-main-for-source', 'source-at-far-end', 'replace-panel'],
  messages: {
    over: {
      short: '{sumA} A of supply on a {busA} A bus',
      seen: 'The device ahead of this bus and the second source together can bring {sumA} A to a bus of {busA} A.',
      why: 'On a sunny day with much load no breaker sees the sum that flows through this bus.',
      ask: 'The connection made by one of the ways the code allows.',
    },
  },
  asks: 'source',
  places: busPlaces,
  check(place, scene) {
    const { site, panel } = scene;
    const { reader } = site;
    const here = sourcesBelow(scene);
    if (place.source) {
      const kind = reader.fact(place.ref, 'sourceKind');
      const tap = reader.fact(place.ref, 'sourceTap');
      if (tap?.value === 'supply-side')
        return doesNotApply('tapped ahead of the main: not on this bus');
      if (!kind || kind.value === 'unknown')
        return notSeen(want(place.ref, 'sourceKind', 'read the kind of the second supply'));
      if (kind.value === 'generator') return doesNotApply('not together with the main');
      const feeds = reader.value(place.ref, 'feeds');
      if (feeds === undefined && site.panels.length > 1)
        return notSeen(want(place.ref, 'feeds', 'say which panel the second supply feeds'));
      return checkBus(scene, here, reader.fact(place.ref, 'atFarEnd'), place.ref, [
        kind,
        ...(tap ? [tap] : []),
      ]);
    }
    const feeder = panel.devices.find(({ id }) => id === place.feeder);
    const farEnd =
      feeder && feeder.row + feeder.height - 1 === panel.rows
        ? (reader.fact(feeder.id, 'place') as Fact | undefined)
        : undefined;
    return checkBus(
      scene,
      here,
      farEnd && ({ ...farEnd, value: true } as Fact<boolean>),
      undefined,
      [],
    );
  },
});

/** The sources this panel answers for, and this panel’s bus where sources of panels below reach it. */
function busPlaces(scene: Scene): BusPlace[] {
  const { around, panel, site } = scene;
  const { reader } = site;
  const fedHere = allSources(scene).filter((id) => reader.value(id, 'feeds') === panel.id);
  const own = around.sources.filter(({ ref }) => {
    const feeds = reader.value(ref, 'feeds');
    return feeds === undefined || feeds === panel.id || !site.panels.some(({ id }) => id === feeds);
  });
  const elsewhere = fedHere
    .filter((id) => !own.some(({ ref }) => ref === id))
    .map((id) => ({
      ref: id,
      label: reader.value(id, 'name') ?? 'Second supply',
      related: [id],
      order: -1,
    }));
  const reached = passingThrough(scene);
  return [
    ...[...own, ...elsewhere].map((place) => ({ ...place, source: true as const })),
    ...(reached.length > 0 ? [{ ...panelPlace(panel, 'Bus'), feeder: reached[0]!.by }] : []),
  ];
}

const allSources = ({ site: { reader } }: Scene): string[] =>
  [...reader.inspection.things.values()]
    .filter(({ id, type }) => type === 'source' && !reader.value(id, 'removed'))
    .map(({ id }) => id);

/** Sources of panels below this one, with the breaker of this panel they come through. */
function passingThrough(scene: Scene): { id: string; by: string | undefined }[] {
  const { site, panel } = scene;
  const supply = new SupplyTree(site.reader);
  return allSources(scene).flatMap((id) => {
    const feeds = site.reader.value(id, 'feeds');
    if (!feeds || feeds === panel.id || !onBus(site.reader, id)) return [];
    const at = supply.wayUp(feeds).find(({ thing }) => thing.id === panel.id);
    return at ? [{ id, by: at.by?.id }] : [];
  });
}

const onBus = (reader: Scene['site']['reader'], source: string): boolean =>
  reader.value(source, 'sourceKind') !== 'generator' &&
  reader.value(source, 'sourceTap') !== 'supply-side';

/** Sources that bring current to this panel’s bus from below or beside it. */
function sourcesBelow(scene: Scene): string[] {
  const { around, panel, site } = scene;
  const { reader } = site;
  const direct = allSources(scene).filter((id) => {
    const feeds = reader.value(id, 'feeds');
    return (
      onBus(reader, id) &&
      (feeds === panel.id || (feeds === undefined && around.sources.some(({ ref }) => ref === id)))
    );
  });
  return [...direct, ...passingThrough(scene).map(({ id }) => id)];
}

function checkBus(
  { site, panel, yardstick }: Scene,
  ids: readonly string[],
  farEnd: Fact<boolean> | undefined,
  farEndOf: string | undefined,
  more: readonly Fact[],
): Outcome {
  const { reader } = site;
  const bus = reader.fact(panel.id, 'labelBusA');
  const main = ownMain(panel) ?? supplyDevice(site, panel);
  const sources = ids.map((ref) => ({ ref, fact: reader.fact(ref, 'sourceA') }));
  const unread = sources.find(({ fact }) => !fact);
  if (!bus) return notSeen(want(panel.id, 'labelBusA', 'read the bus rating on the label'));
  if (!main) return notSeen(want(panel.id, 'mainKind', 'read the rating of the main'));
  if (unread) return notSeen(want(unread.ref, 'sourceA', 'read the output current of the source'));
  const sourceA = sources.reduce((sum, { fact }) => sum + fact!.value, 0);
  const sumA = main.ratingA + yardstick.sourceFactor * sourceA;
  const facts = [...more, bus, main.fact, ...sources.map(({ fact }) => fact)];
  if (sumA <= bus.value) return clear(`${sumA} A on ${bus.value} A`, ...facts);
  const twelfths = sumA <= yardstick.farEndShare * bus.value;
  if (twelfths && farEnd?.value) return clear('source at the far end', ...facts, farEnd);
  const sumOfBreakers = breakersWithin(panel);
  if (sumOfBreakers.allRead && sumOfBreakers.sumA <= bus.value)
    return clear('breakers together within the bus', ...facts);
  if (twelfths && farEndOf && !farEnd)
    return notSeen(want(farEndOf, 'atFarEnd', 'see where on the bus the source sits'));
  if (!sumOfBreakers.allRead && sumOfBreakers.sumA <= bus.value)
    return notSeen(want(panel.id, 'rows', 'record every breaker of the panel'));
  return found('over', { sumA: Math.round(sumA), busA: bus.value }, [...facts, farEnd]);
}

/** The handles of a panel added up, A, and whether every position and rating of it was recorded. */
function breakersWithin(panel: PanelView): { sumA: number; allRead: boolean } {
  const complete = panel.positions.every((one) => one.devices.length > 0 || one.opening);
  const handles = panel.devices
    .filter((device) => !formOf(device.form).noHandle)
    .flatMap(ratingsOfHandles);
  return {
    sumA: handles.reduce((sum: number, a) => sum + (a ?? 0), 0),
    allRead: complete && panel.rows !== undefined && !handles.includes(undefined),
  };
}

/** One rating for each handle: both halves of a tandem count, both poles of a breaker once. A; undefined = unread. */
function ratingsOfHandles({ form, terminals }: DeviceView): (number | undefined)[] {
  const { handles } = formOf(form);
  return [...new Set(handles)].map((handle) => terminals[handles.indexOf(handle)]?.handleA);
}

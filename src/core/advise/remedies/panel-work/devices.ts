import type { PartId } from '../../../codes/cost-book/part-id';
import { largestDeviceA } from '../../../codes/yardstick/conductor-limit';
import { ratingsOf } from '../../../fieldwork/recording/replacement';
import type { Replacement } from '../../../fieldwork/recording/replacement';
import type { DeviceView } from '../../../installation/panel/views';
import { terminalRef } from '../../../record/entries/thing-types';
import { formOf, isFuse } from '../../../vocabulary/device-forms';
import type { Situation } from '../situation';
import type { Work } from '../work';

/** As a worker calls it: breaker, fuse, main. */
export const deviceWordOf = (device: DeviceView): string =>
  device.isMain ? 'main' : isFuse(device) ? 'fuse' : 'breaker';

/** The maker and type a new breaker of the panel would have: the first of the label’s list, else the panel’s own. */
function listedMake(work: Work, device: DeviceView): Replacement {
  const { reader } = work.site;
  const panel = work.panelOf(device.id)!;
  const accepted = reader.value(panel.id, 'labelAccepts');
  const own = reader.value(panel.id, 'maker');
  const maker = reader.value(device.id, 'maker');
  const [first] = accepted ?? [];
  if (first === undefined)
    return own !== undefined ? { maker: own } : maker !== undefined ? { maker } : {};
  const sameMaker = accepted!.find(
    (entry) => own !== undefined && (entry === own || entry.startsWith(`${own} `)),
  );
  const entry = sameMaker ?? first;
  const type = sameMaker && sameMaker !== own ? sameMaker.slice(own!.length + 1) : undefined;
  return type !== undefined ? { maker: own!, breakerType: type } : { maker: entry };
}

/** A new device in its place: same form and rating where nothing else is said, sound, its wires set firm. */
export function renewDevice(
  work: Work,
  device: DeviceView | undefined,
  by: Replacement = {},
): void {
  if (!device) return work.refuse('the breaker it is done to is gone by then');
  const { reader } = work.site;
  const kept = (['handleRatingsA', 'protection', 'tie', 'fuseBase', 'insertA'] as const).flatMap(
    (property) => {
      const value = reader.value(device.id, property);
      return value === undefined || (property === 'tie' && value === 'improvised')
        ? []
        : [[property, value]];
    },
  );
  const make = isFuse(device) || device.isMain ? {} : listedMake(work, device);
  const before = new Map(
    (
      [
        'temperatureMarkC',
        'breakerMarkC',
        'interruptingKa',
        'voltageRating',
        'backfed',
        'heldDown',
        'plugOnNeutral',
        'fuseBypassed',
        'fuseKind',
      ] as const
    ).map((property) => [property, reader.value(device.id, property)]),
  );
  work.replace(device, {
    ...(Object.fromEntries(kept) as Replacement),
    ...make,
    ...(!isFuse(device) && !device.isMain && { terminalTakes: 1 }),
    ...by,
  });
  const id = work.today(device.id);
  work.say(id, {
    ...Object.fromEntries(
      [...before].filter(([property, value]) => value !== undefined && property !== 'fuseBypassed'),
    ),
    ...(before.get('fuseBypassed') !== undefined && { fuseBypassed: 'fuse' }),
    ...(!isFuse(device) && { handleState: 'on', wear: 'sound', tightness: 'firm' }),
    heatMark: false,
    melted: false,
    ...(!['ordinary', undefined].includes(
      by.protection ?? reader.value(device.id, 'protection'),
    ) && {
      testButton: 'good',
    }),
    ...(reader.value(device.id, 'commonTrip') !== undefined && { commonTrip: true }),
    ...(reader.value(device.id, 'pigtail') !== undefined && { pigtail: 'landed' }),
    ...(reader.value(device.id, 'loadNeutral') !== undefined && { loadNeutral: 'on-device' }),
    ...(reader.value(device.id, 'altered') !== undefined && { altered: false }),
  });
  for (const { index } of work.device(id)?.terminals ?? [])
    work.say(terminalRef(id, index), {
      tightness: 'firm',
      terminalFit: 'fits',
      heatMark: false,
      melted: false,
    });
  for (const { conductors } of work.device(id)?.terminals ?? [])
    for (const wire of conductors)
      if ((reader.value(wire.id, 'tightness') ?? 'firm') !== 'firm')
        work.say(wire.id, { tightness: 'firm' });
}

/** What a new one is bought as. */
export function partsOfDevice(
  here: Situation,
  device: DeviceView,
): Partial<Record<PartId, number>> {
  if (device.isMain) return { 'main-breaker': 1 };
  if (device.form === 'pull-out') return { 'fuse-block': 1 };
  if (device.form === 'plug-fuse') return { 'plug-fuse': 1 };
  if (device.form === 'tandem' || device.form === 'half') return { tandem: 1 };
  if (device.form === 'quad' || device.form === 'quad-separate') return { tandem: 2 };
  const protection = here.reader.value(device.id, 'protection');
  const poles = formOf(device.form).rows;
  if (protection === 'both') return { 'dual-function-breaker': poles };
  if (protection === 'arc-fault') return { 'arc-fault-breaker': poles };
  if (protection === 'ground-fault') return { 'ground-fault-breaker': poles };
  return poles === 3 ? { 'breaker-3': 1 } : poles === 2 ? { 'breaker-2': 1 } : { 'breaker-1': 1 };
}

/** Ratings of a device with one made smaller: of a tandem only the half the finding is at. */
export function ratingsAt(here: Situation, device: DeviceView, ratingA: number): number[] {
  const known = here.reader.value(device.id, 'handleRatingsA') ?? ratingsOf(device.form, ratingA);
  const { handles } = formOf(device.form);
  const index = device.terminals.find(({ ref }) => ref === here.ref)?.index;
  const handle = index === undefined ? undefined : handles[index - 1];
  return known.map((rating, at) =>
    handle === undefined || at === handle ? Math.min(rating, ratingA) : rating,
  );
}

/** The largest fuse the wires of a fuse allow, A. */
export function sizeOfFuse(here: Situation, device: DeviceView): number | undefined {
  const limits = device.terminals.flatMap(({ conductors }) =>
    conductors.flatMap(({ size, metal }) =>
      size && metal
        ? (largestDeviceA(here.yardstick, metal.value, size.value, 60, true) ?? [])
        : [],
    ),
  );
  const plate = here.figure('limitA');
  const least = Math.min(
    ...limits,
    ...(plate !== undefined && device === here.device ? [plate] : []),
  );
  const now = device.terminals[0]?.handleA;
  if (!Number.isFinite(least)) return undefined;
  return Math.min(least, now ?? least);
}

/** A fuse of this rating in an insert made for it; in a block only the fuses. */
export function renewFuse(work: Work, device: DeviceView, ratingA: number): void {
  const block = device.form === 'pull-out';
  const marks = device.terminals.map(({ ref }) =>
    (['heatMark', 'melted'] as const).filter((mark) => work.reader.value(ref, mark)),
  );
  const base = (['heatMark', 'melted'] as const).filter((mark) =>
    work.reader.value(device.id, mark),
  );
  renewDevice(work, device, {
    handleRatingsA: ratingsOf(device.form, ratingA),
    ...(!block && { fuseBase: 'size-limiting', insertA: ratingA }),
  });
  if (!block) work.say(device.id, { fuseBypassed: 'fuse' });
  // The base and its screw stay: what burned there is not renewed by a fuse.
  const burned = (all: readonly ('heatMark' | 'melted')[]) =>
    Object.fromEntries(all.map((mark) => [mark, true]));
  work.say(device.id, burned(base));
  device.terminals.forEach(({ ref }, at) => work.say(ref, burned(marks[at]!)));
}

/** The main, or the disconnect ahead of the bus, by one of this rating. */
export function setMain(work: Work, here: Situation, ratingA: number): void {
  const main = work.panelOf(here.panel.id)?.main;
  if (here.reader.inspection.things.get(here.ref)?.type === 'disconnect')
    return work.say(here.ref, { disconnectRatingA: ratingA });
  if (main) return renewDevice(work, main, { handleRatingsA: ratingsOf(main.form, ratingA) });
  const disconnect = here.finding.outcome.facts.find(
    ({ property }) => property === 'disconnectRatingA',
  );
  if (disconnect) work.say(disconnect.about, { disconnectRatingA: ratingA });
}

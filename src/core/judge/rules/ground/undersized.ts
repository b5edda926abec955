import type { Fact } from '../../../record/entries/inspection';
import { sizeWords } from '../../../installation/panel/words';
import { deviceAbove } from '../../../installation/panel/overcurrent-above';
import type { ConductorMetal, Size } from '../../../vocabulary/size';
import { compareSizes, tableMetal } from '../../../vocabulary/size';
import { electrodeRow } from '../../../codes/yardstick/electrode-row';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { CablePlace } from '../../check/places';
import type { Outcome, Scene } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

type GroundPlace = Place & { electrode?: true } & Partial<Pick<CablePlace, 'cable' | 'conductors'>>;

/** 250.122 for equipment grounds, 250.66 for electrode conductors. */
export const undersizedGround = defineRule<GroundPlace>({
  id: 'ground/undersized',
  title: 'Grounding conductor too small',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'An equipment grounding conductor below the table for its device, never larger than the circuit’s own wires; the ground’s own metal counts; an electrode conductor below the table for the service, the areas of parallel sets added up, to rods alone at most 6 copper, to an encased bar alone at most 4. Cables of the 1950s and 60s had smaller grounds: legacy.',
  example: 'A 60 A feeder with a 14 copper ground.',
  sources: [
    { code: '250.122', says: 'size of equipment grounding conductors' },
    { code: '250.66', says: 'size of electrode conductors' },
  ],
  since: 1970,
  remedies: ['larger-ground'],
  messages: {
    small: {
      short: '{place}: {conductor}, {least} is the least',
      seen: 'The grounding conductor of {place} is {conductor}; {least} is the least.',
      why: 'On a fault it must carry enough current to open the breaker at once; thin, it burns first.',
      ask: 'A grounding conductor of {least}.',
    },
  },
  places: ({ panel, places, around }) => [
    panelPlace(panel, 'Feeder ground'),
    ...around.electrodes.map((place) => ({ ...place, electrode: true as const })),
    ...places.cables.filter(({ conductors }) =>
      conductors.some((one) => one.function?.value === 'ground'),
    ),
  ],
  check(place, scene) {
    if (place.electrode) return checkElectrode(place.ref, scene);
    if (place.conductors) return checkCable(place.conductors, scene);
    return checkFeeder(scene);
  },
});

function checkFeeder({ site, panel, yardstick }: Scene): Outcome {
  const { reader } = site;
  if (panel.supply.place === 'first-disconnect') return doesNotApply('no feeder ground here');
  const size = reader.fact(panel.id, 'supplyGroundSize');
  const metal = reader.fact(panel.id, 'supplyGroundMetal');
  const device = deviceAbove(site, panel);
  if (!size) return notSeen(want(panel.id, 'supplyGroundSize', 'read the ground of the feeder'));
  if (!device) return notSeen(want(panel.id, 'fedFrom', 'read the device that feeds it'));
  const row = yardstick.equipmentGround.find((one) => device.ratingA <= one.upToA);
  if (!row) return doesNotApply('larger than the table');
  const own = reader.fact(panel.id, 'supplySize')?.value;
  const facts = [size, metal, device.fact];
  const tooSmall = (of: 'cu' | 'al') =>
    compareSizes(size.value, row[of]) < 0 && !(own && compareSizes(size.value, own) >= 0);
  // Unread, it is a finding only where it is too small in either metal.
  if (!metal)
    return tooSmall('cu')
      ? small(size.value, 'cu', row.cu, facts)
      : tooSmall('al')
        ? notSeen(want(panel.id, 'supplyGroundMetal', 'read the metal of the feeder’s ground'))
        : clear(`${size.value}, enough in either metal`, ...facts);
  if (tooSmall(metal.value)) return small(size.value, metal.value, row[metal.value], facts);
  return clear(sizeWords(size.value, metal.value), ...facts);
}

function checkCable(conductors: NonNullable<GroundPlace['conductors']>, scene: Scene): Outcome {
  const { panel, yardstick } = scene;
  const ground = conductors.find((one) => one.function?.value === 'ground')!;
  const hot = conductors.find(
    (one) => one.landsOn?.value && panel.terminals.has(one.landsOn.value),
  );
  const terminal = hot && panel.terminals.get(hot.landsOn!.value!);
  if (!ground.size) return notSeen(want(ground.id, 'size', 'read the size of its ground'));
  if (!ground.metal) return notSeen(want(ground.id, 'metal', 'read the metal of its ground'));
  if (terminal?.handleA === undefined)
    return notSeen(
      want(
        terminal?.device.id ?? ground.id,
        terminal ? 'handleRatingsA' : 'function',
        'find its breaker',
      ),
    );
  const row = yardstick.equipmentGround.find((one) => terminal.handleA! <= one.upToA);
  const least = row?.[tableMetal(ground.metal.value)];
  const own = hot?.size?.value;
  const facts = [ground.size, ground.metal, terminal.ratingA, hot?.size];
  if (
    least &&
    compareSizes(ground.size.value, least) < 0 &&
    !(own && compareSizes(ground.size.value, own) >= 0)
  )
    return small(ground.size.value, ground.metal.value, least, facts);
  return clear(sizeWords(ground.size.value, ground.metal.value), ...facts);
}

function checkElectrode(electrode: string, { site, panel, yardstick }: Scene): Outcome {
  const { reader } = site;
  const size = reader.fact(electrode, 'electrodeConductorSize');
  const metal = reader.fact(electrode, 'electrodeConductorMetal');
  const kind = reader.fact(electrode, 'electrodeKind');
  const service = reader.fact(panel.id, 'supplySize');
  const serviceMetal = reader.fact(panel.id, 'supplyMetal');
  if (!size || !metal)
    return notSeen(
      want(
        electrode,
        size ? 'electrodeConductorMetal' : 'electrodeConductorSize',
        'read size and metal of its conductor',
      ),
    );
  if (!kind) return notSeen(want(electrode, 'electrodeKind', 'say what electrode it is'));
  const facts = [size, metal, kind, service, serviceMetal, reader.fact(panel.id, 'parallelSets')];
  const most =
    kind.value === 'rod' || kind.value === 'encased'
      ? yardstick.electrodeConductorMost[kind.value][metal.value]
      : null;
  if (most && compareSizes(size.value, most) >= 0)
    return clear('as large as it need ever be', ...facts);
  if (!service || !serviceMetal)
    return notSeen(want(panel.id, 'supplySize', 'read size and metal of the supply'));
  const sets = reader.fact(panel.id, 'parallelSets');
  const row = electrodeRow(yardstick, service.value, serviceMetal.value, sets?.value);
  const asked = row[metal.value];
  const least = most && compareSizes(most, asked) < 0 ? most : asked;
  if (compareSizes(size.value, least) < 0) return small(size.value, metal.value, least, facts);
  return clear(sizeWords(size.value, metal.value), ...facts);
}

const small = (
  size: Size,
  metal: ConductorMetal,
  least: Size,
  facts: readonly (Fact | undefined)[],
): Outcome =>
  found('small', { conductor: sizeWords(size, metal), least: sizeWords(least, metal) }, facts);

import type { Fact } from '../entries/inspection';
import { circuitWords, conductorWords, sizeWords } from '../panel/words';
import { countedScrew } from '../panel/completeness';
import { isFuse } from '../panel/device-forms';
import { insulationC } from '../panel/insulation';
import type { ConductorView } from '../panel/views';
import { ampacityOf, largestDeviceA, possibleColumns } from '../yardstick/conductor-limit';
import type { Metal, Size } from '../yardstick/size';
import type { TerminalPlace } from './places';
import type { Outcome, Scene } from './rule';
import { clear, doesNotApply, notSeen, present, want } from './rule';

/** Device ÷ largest allowed from which a finding is close to happening. */
const closeRatio = 1.5;

/**
 * Whether the device protects every conductor on its terminal: the smallest rules. Messages: over,
 * plate, plate-conductor, fuse-only, with {what} for breaker or fuse.
 */
export function protectsConductors(place: TerminalPlace, scene: Scene): Outcome {
  const { terminal } = place;
  const { reader } = scene.site;
  const { conductors, device, ref } = terminal;
  if (conductors.length === 0) {
    const empty = countedScrew(reader, terminal);
    return empty
      ? doesNotApply('no conductor on it')
      : notSeen(want(ref, 'conductorCount', 'look what is under the screw'));
  }
  if (terminal.handleA === undefined || !terminal.ratingA)
    return notSeen(want(device.id, 'handleRatingsA', 'read the rating'));
  const load = terminal.circuit?.loads[0];
  if (load?.kind?.value === 'air-conditioner' || load?.kind?.value === 'motor')
    return checkNameplate(place, scene, load.id, load.kind.value);
  return checkOrdinary(place, scene);
}

interface Sized {
  conductor: ConductorView;
  size: Size;
  metal: Metal;
}

function sizedConductors(conductors: readonly ConductorView[]): Sized[] {
  const sized: Sized[] = [];
  for (const conductor of conductors)
    if (conductor.size && conductor.metal)
      sized.push({ conductor, size: conductor.size.value, metal: conductor.metal.value });
  return sized;
}

function columnsFor(
  { terminal }: TerminalPlace,
  { site, yardstick }: Scene,
  conductor: ConductorView,
) {
  return possibleColumns(
    yardstick,
    terminal.handleA!,
    insulationC(conductor),
    site.reader.value(terminal.device.id, 'temperatureMarkC'),
  );
}

function checkOrdinary(place: TerminalPlace, scene: Scene): Outcome {
  const { terminal } = place;
  const deviceA = terminal.handleA!;
  const receptacles =
    terminal.circuit?.loads.some((load) => load.kind?.value === 'receptacles') ?? false;
  let unread: ConductorView | undefined;
  let unsized: ConductorView | undefined;
  let worst: { sized: Sized; limitA: number } | undefined;
  const facts: (Fact | undefined)[] = [terminal.ratingA];
  for (const conductor of terminal.conductors) {
    const { size, metal } = conductor;
    facts.push(size, metal);
    if (!size || !metal) {
      unsized ??= conductor;
      continue;
    }
    let [most, least] = [0, Infinity];
    for (const column of columnsFor(place, scene, conductor)) {
      const limit =
        largestDeviceA(scene.yardstick, metal.value, size.value, column, receptacles) ?? 0;
      most = Math.max(most, limit);
      least = Math.min(least, limit);
    }
    if (deviceA > most) {
      if (!worst || most < worst.limitA)
        worst = { sized: { conductor, size: size.value, metal: metal.value }, limitA: most };
    } else if (deviceA > least) unread ??= conductor;
  }
  if (worst) return overFinding(place, worst.sized, worst.limitA);
  if (unsized)
    return notSeen(
      want(unsized.id, unsized.size ? 'metal' : 'size', 'read the size and metal of the conductor'),
    );
  if (unread)
    return notSeen(
      want(terminal.device.id, 'temperatureMarkC', 'read the temperature mark at both ends'),
    );
  if (!countedScrew(scene.site.reader, terminal))
    return notSeen(
      want(terminal.ref, 'conductorCount', 'say whether this is all that is under the screw'),
    );
  return clear(`${deviceA} A on ${conductorWords(terminal.conductors[0]!)}`, ...facts);
}

function overFinding(
  { terminal }: TerminalPlace,
  { conductor, size, metal }: Sized,
  limitA: number,
): Outcome {
  const deviceA = terminal.handleA!;
  const ratio = limitA > 0 ? deviceA / limitA : Infinity;
  return {
    outcome: 'found',
    message: 'over',
    data: {
      deviceA,
      limitA,
      conductor: sizeWords(size, metal),
      label: terminal.label,
      circuit: circuitWords(terminal.circuit),
      overPercent: Number.isFinite(ratio) ? Math.round(ratio * 100) : 'far more than 100',
    },
    facts: present(terminal.ratingA, conductor.size, conductor.metal, conductor.landsOn),
    presumes: [
      `An ordinary load. The nameplate of an air conditioner, heat pump or motor could allow a larger ${isFuse(terminal.device) ? 'fuse' : 'breaker'}: read it if there is one.`,
    ],
    ...(ratio >= closeRatio && {
      base: {
        severity: 4,
        likelihood: 4,
        because: `${isFuse(terminal.device) ? 'fuse' : 'breaker'} ${ratioWords(ratio)} times the limit`,
      },
    }),
  };
}

const ratioWords = (ratio: number) => (Number.isFinite(ratio) ? ratio.toFixed(2) : 'many');

function checkNameplate(
  place: TerminalPlace,
  scene: Scene,
  load: string,
  kind: 'air-conditioner' | 'motor',
): Outcome {
  const { terminal } = place;
  const { reader } = scene.site;
  const { yardstick } = scene;
  const deviceA = terminal.handleA!;
  const sized = sizedConductors(terminal.conductors);
  const ampacities = sized.map((one) => {
    const figures = columnsFor(place, scene, one.conductor).map(
      (column) => ampacityOf(yardstick, one.metal, one.size, column) ?? 0,
    );
    return { ...one, least: Math.min(...figures), most: Math.max(...figures) };
  });
  const words = { label: terminal.label, circuit: circuitWords(terminal.circuit), deviceA };
  const sources = [yardstick.sources[kind === 'motor' ? 'motor' : 'airConditioner']];

  const fullLoad = reader.fact(load, 'fullLoadA');
  const fuseOnly = isFuse(terminal.device) ? undefined : reader.fact(load, 'fuseOnly');
  const minimum =
    kind === 'motor'
      ? fullLoad && { fact: fullLoad, a: fullLoad.value * yardstick.motorConductor }
      : withFigure(reader.fact(load, 'minimumCircuitAmpacityA'));
  const maximum =
    kind === 'motor'
      ? fullLoad && { fact: fullLoad, a: fullLoad.value * yardstick.motorDevice }
      : withFigure(reader.fact(load, 'maximumOvercurrentA'));

  if (fuseOnly?.value)
    return {
      outcome: 'found',
      message: 'fuse-only',
      data: words,
      facts: present(fuseOnly, terminal.ratingA),
      sources,
    };
  if (maximum && deviceA > maximum.a) {
    const ratio = deviceA / maximum.a;
    return {
      outcome: 'found',
      message: 'plate',
      data: { ...words, limitA: Math.floor(maximum.a) },
      facts: present(maximum.fact, terminal.ratingA),
      sources,
      ...(ratio >= closeRatio && {
        base: {
          severity: 4,
          likelihood: 4,
          because: `breaker ${ratioWords(ratio)} times the nameplate`,
        },
      }),
    };
  }
  const thin = minimum && ampacities.find((one) => one.most < minimum.a);
  if (minimum && thin) {
    const ordinaryA = Math.max(
      ...columnsFor(place, scene, thin.conductor).map(
        (column) => largestDeviceA(yardstick, thin.metal, thin.size, column, false) ?? 0,
      ),
    );
    const ratio = minimum.a / Math.max(ordinaryA, 1);
    return {
      outcome: 'found',
      message: 'plate-conductor',
      data: {
        ...words,
        conductor: sizeWords(thin.size, thin.metal),
        ampacityA: thin.most,
        limitA: Math.ceil(minimum.a),
      },
      facts: present(minimum.fact, thin.conductor.size, thin.conductor.metal),
      sources,
      ...(ratio >= closeRatio && {
        base: {
          severity: 4,
          likelihood: 4,
          because: `nameplate ${ratioWords(ratio)} times the wire's ordinary breaker`,
        },
      }),
    };
  }
  const hopeless = ampacities.find((one) => deviceA > yardstick.airConditionerLimit * one.most);
  if (kind === 'air-conditioner' && hopeless && (!maximum || !minimum))
    return overFinding(place, hopeless, Math.floor(yardstick.airConditionerLimit * hopeless.most));
  if (!minimum || !maximum)
    return notSeen(
      want(load, kind === 'motor' ? 'fullLoadA' : 'minimumCircuitAmpacityA', 'read the nameplate'),
    );
  if (kind === 'air-conditioner' && !fuseOnly && !isFuse(terminal.device))
    return notSeen(want(load, 'fuseOnly', 'read whether the nameplate says fuse only'));
  if (sized.length < terminal.conductors.length)
    return notSeen(want(terminal.ref, 'size', 'read the size and metal of the conductor'));
  if (ampacities.some((one) => one.least < minimum.a))
    return notSeen(
      want(terminal.device.id, 'temperatureMarkC', 'read the temperature mark at both ends'),
    );
  return clear(`${deviceA} A, within the nameplate`, minimum.fact, maximum.fact, terminal.ratingA);
}

function withFigure<F extends { value: number }>(fact: F | undefined) {
  return fact && { fact, a: fact.value };
}

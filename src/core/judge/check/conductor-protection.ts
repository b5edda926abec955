import { wholeDwelling } from '../../installation/panel/what-follows';
import { terminalMarkC } from './terminal-mark';
import type { Fact } from '../../record/entries/inspection';
import { circuitWords, conductorWords, sizeWords } from '../../installation/panel/words';
import { countedScrew } from '../../installation/panel/completeness';
import { isFuse } from '../../vocabulary/device-forms';
import { insulationC } from '../../installation/panel/insulation';
import type { ConductorView } from '../../installation/panel/views';
import {
  ampacityOf,
  largestDeviceA,
  nextStandardA,
  possibleColumns,
} from '../../codes/yardstick/conductor-limit';
import type { ConductorMetal, Size } from '../../vocabulary/size';
import { compareSizes, isLead, tableMetal } from '../../vocabulary/size';
import type { TerminalPlace } from './places';
import type { Yardstick } from '../../codes/yardstick/yardstick';
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
  const kind = load?.kind?.value;
  if (kind === 'air-conditioner' || kind === 'heat-pump' || kind === 'motor')
    return checkNameplate(place, scene, load!.id, kind === 'motor' ? 'motor' : 'air-conditioner');
  return checkOrdinary(place, scene);
}

/** 310.12: the limit of a feeder that carries a whole dwelling, A; nothing where it does not. */
function dwellingFeederA(
  { terminal }: TerminalPlace,
  { site, yardstick }: Scene,
  size: Size,
  metal: ConductorMetal,
): number | 'not-said' | undefined {
  const fed = site.panels.find(({ id }) => site.reader.value(id, 'fedFrom') === terminal.device.id);
  if (!fed || (fed.system !== 'split-phase' && fed.system !== 'wye-208-two-legs')) return undefined;
  const table = yardstick.dwellingService;
  const deviceA = terminal.handleA!;
  if (deviceA < table[0]!.mainA || deviceA > table.at(-1)!.mainA) return undefined;
  const whole = wholeDwelling(site, fed)?.whole;
  if (whole === false) return undefined;
  const limit =
    table.findLast((row) => compareSizes(size, row[tableMetal(metal)]) >= 0)?.mainA ?? 0;
  return whole ? limit : limit >= deviceA ? 'not-said' : undefined;
}

interface Sized {
  conductor: ConductorView;
  size: Size;
  metal: ConductorMetal;
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
    terminalMarkC(terminal, site.reader),
  );
}

function checkOrdinary(place: TerminalPlace, scene: Scene): Outcome {
  const { terminal } = place;
  const deviceA = terminal.handleA!;
  const receptacles =
    terminal.circuit?.loads.some((load) => load.kind?.value === 'receptacles') ?? false;
  let unread: ConductorView | undefined;
  let unsized: ConductorView | undefined;
  let lead: ConductorView | undefined;
  let wholeUnsaid: string | undefined;
  let worst: { sized: Sized; limitA: number } | undefined;
  const facts: (Fact | undefined)[] = [terminal.ratingA];
  for (const conductor of terminal.conductors) {
    const { size, metal } = conductor;
    facts.push(size, metal);
    if (size && isLead(size.value)) {
      lead ??= conductor;
      continue;
    }
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
    const dwelling = dwellingFeederA(place, scene, size.value, metal.value);
    if (typeof dwelling === 'number') {
      facts.push(wholeDwellingFact(place, scene));
      most = least = dwelling;
    } else if (dwelling === 'not-said' && deviceA > least) {
      wholeUnsaid = fedPanel(place, scene);
      continue;
    }
    if (deviceA > most) {
      if (!worst || most < worst.limitA)
        worst = { sized: { conductor, size: size.value, metal: metal.value }, limitA: most };
    } else if (deviceA > least) unread ??= conductor;
  }
  if (worst) return overFinding(place, worst.sized, worst.limitA);
  if (wholeUnsaid)
    return notSeen(
      want(wholeUnsaid, 'wholeDwelling', 'say whether these conductors carry a whole dwelling'),
    );
  if (lead && !terminal.circuit?.loads.some((one) => one.kind?.value === 'low-voltage'))
    return notSeen(want(lead.id, 'circuit', 'find what the thin lead feeds'));
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

const fedPanel = ({ terminal }: TerminalPlace, { site }: Scene) =>
  site.panels.find(({ id }) => site.reader.value(id, 'fedFrom') === terminal.device.id)?.id;

const wholeDwellingFact = (place: TerminalPlace, scene: Scene): Fact | undefined => {
  const id = fedPanel(place, scene);
  const panel = scene.site.panels.find((one) => one.id === id);
  return panel && wholeDwelling(scene.site, panel)?.fact;
};

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
  const fuse = isFuse(terminal.device);
  const fusedAtUnit = reader.fact(load, 'fusedAtUnit');
  // Fuses satisfy the plate wherever on the branch circuit they are.
  const fuseOnly = fuse || fusedAtUnit?.value ? undefined : reader.fact(load, 'fuseOnly');
  const fuseKind = fuse ? reader.fact(terminal.device.id, 'fuseKind') : undefined;
  const minimum =
    kind === 'motor'
      ? fullLoad && { fact: fullLoad, a: fullLoad.value * yardstick.motorConductor }
      : withFigure(reader.fact(load, 'minimumCircuitAmpacityA'));
  const maximum =
    kind === 'motor'
      ? fullLoad && {
          fact: fullLoad,
          a: motorDeviceA(yardstick, fullLoad.value, fuse, fuseKind?.value),
        }
      : withFigure(reader.fact(load, 'maximumOvercurrentA'));

  if (fuseOnly?.value && fusedAtUnit === undefined)
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
  if (kind === 'motor' && fuse && !fuseKind && maximum && fullLoad) {
    const least = motorDeviceA(yardstick, fullLoad.value, fuse, 'time-delay');
    if (deviceA > least)
      return notSeen(
        want(terminal.device.id, 'fuseKind', 'read whether the fuse has a time delay'),
      );
  }
  if (!minimum || !maximum)
    return notSeen(
      want(load, kind === 'motor' ? 'fullLoadA' : 'minimumCircuitAmpacityA', 'read the nameplate'),
    );
  if (kind === 'air-conditioner' && !fuseOnly && !fuse && !fusedAtUnit?.value)
    return notSeen(want(load, 'fuseOnly', 'read whether the nameplate says fuse only'));
  if (sized.length < terminal.conductors.length)
    return notSeen(want(terminal.ref, 'size', 'read the size and metal of the conductor'));
  if (ampacities.some((one) => one.least < minimum.a))
    return notSeen(
      want(terminal.device.id, 'temperatureMarkC', 'read the temperature mark at both ends'),
    );
  const larger = ampacities.some((one) => deviceA > one.most);
  return clear(
    `${deviceA} A, ${larger ? largerByNameplate : 'within the nameplate'}`,
    minimum.fact,
    maximum.fact,
    terminal.ratingA,
  );
}

/** Said of a device that the wire alone would not allow. */
export const largerByNameplate = 'larger than the wire alone allows, within the nameplate';

/**
 * 430.52(C)(1): largest device of a motor, A: breaker 250 %, time-delay fuse 175 %, other fuse 300 %
 * of the full-load current, each up to the next standard rating (exception 1).
 */
function motorDeviceA(
  yardstick: Yardstick,
  fullLoadA: number,
  fuse: boolean,
  kind: 'time-delay' | 'non-time-delay' | undefined,
): number {
  const { breaker, timeDelayFuse, otherFuse } = yardstick.motorDevice;
  const share = !fuse ? breaker : kind === 'time-delay' ? timeDelayFuse : otherFuse;
  return nextStandardA(yardstick, fullLoadA * share);
}

function withFigure<F extends { value: number }>(fact: F | undefined) {
  return fact && { fact, a: fact.value };
}

import { circuitWords, sizeWords } from '../../panel/words';
import { countedScrew } from '../../panel/completeness';
import { insulationC } from '../../panel/insulation';
import type { ConductorView } from '../../panel/views';
import { ampacityOf, largestDeviceA, possibleColumns } from '../../yardstick/conductor-limit';
import type { Metal, Size } from '../../yardstick/size';
import type { TerminalPlace } from '../places';
import type { Outcome, Scene } from '../rule';
import { clear, defineRule, doesNotApply, notSeen, present, want } from '../rule';

/** Device ÷ largest allowed from which a finding is close to happening. */
const closeRatio = 1.5;

/** 240.4: the breaker protects the smallest conductor on its terminal. */
export const overcurrent = defineRule({
  id: 'breaker/overcurrent',
  title: 'Breaker larger than its conductor allows',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: false,
  behindCover: true,
  finds:
    'The lower of insulation and terminal column decides; both are computed where a mark is unread, and only where they differ is it not seen. The small-conductor limits and the next standard size up apply. Air conditioners and motors go by their nameplate; a breaker over 1.8 times the wire no plate can make right. Half as large again as the limit is close to happening.',
  example:
    '`5 20 14cu bedrooms west`: 20 A on a wire good for 15 A. `10+12 60 6cu in:nm =range` is clear: 55 A, next size up.',
  sources: [
    { code: '240.4', says: 'conductors protected at their ampacity' },
    { code: '240.4(D)', says: 'small conductors' },
    { code: '310.16', says: 'ampacity' },
  ],
  who: 'a licensed electrician',
  remedies: ['A smaller breaker after a check of the load', 'A larger conductor for the whole run'],
  messages: {
    over: {
      short: '{deviceA} A on {conductor}, limit {limitA} A',
      seen: 'Breaker {label}, {circuit}, is {deviceA} A; its thinnest conductor is {conductor}, good for a breaker of {limitA} A at most.',
      why: 'The wire of {circuit} can carry {overPercent} % of what it may without the {deviceA} A breaker opening. It overheats inside the walls.',
      ask: 'A {limitA} A breaker, or a conductor that {deviceA} A may protect along the whole run.',
    },
    plate: {
      short: '{deviceA} A breaker, nameplate allows {limitA} A',
      seen: 'Breaker {label}, {circuit}, is {deviceA} A; the nameplate of the equipment allows {limitA} A at most.',
      why: 'A fault inside the equipment on {circuit} can burn on below the {deviceA} A at which this breaker begins to act.',
      ask: 'A breaker within the nameplate, {limitA} A or less.',
    },
    'plate-conductor': {
      short: '{conductor} carries {ampacityA} A, nameplate wants {limitA} A',
      seen: 'The conductor to {circuit} on breaker {label} is {conductor}, {ampacityA} A; the nameplate asks for {limitA} A at least.',
      why: 'The equipment on {circuit} draws more for longer than this wire carries safely.',
      ask: 'A conductor of at least {limitA} A.',
    },
    'fuse-only': {
      short: 'Breaker where the nameplate says fuse only',
      seen: 'Breaker {label} protects {circuit}; the nameplate of the equipment allows fuses only.',
      why: 'The equipment was tested with fuses; a breaker may let through more than its parts withstand.',
      ask: 'Fused protection as the nameplate asks.',
    },
  },
  places: ({ places }) => places.terminals,
  check(place, scene) {
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
      return notSeen(want(device.id, 'handleRatingsA', 'read the rating on the handle'));
    const load = terminal.circuit?.loads[0];
    if (load?.kind?.value === 'air-conditioner' || load?.kind?.value === 'motor')
      return checkNameplate(place, scene, load.id, load.kind.value);
    return checkOrdinary(place, scene);
  },
});

interface Sized {
  conductor: ConductorView;
  size: Size;
  metal: Metal;
}

function sizedConductors(conductors: readonly ConductorView[]): Sized[] {
  return conductors.flatMap((conductor) =>
    conductor.size && conductor.metal
      ? [{ conductor, size: conductor.size.value, metal: conductor.metal.value }]
      : [],
  );
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
  let worst: { sized: Sized; limitA: number } | undefined;
  for (const sized of sizedConductors(terminal.conductors)) {
    const limits = columnsFor(place, scene, sized.conductor).map(
      (column) =>
        largestDeviceA(scene.yardstick, sized.metal, sized.size, column, receptacles) ?? 0,
    );
    const most = Math.max(...limits);
    if (deviceA > most) {
      if (!worst || most < worst.limitA) worst = { sized, limitA: most };
    } else if (deviceA > Math.min(...limits)) unread ??= sized.conductor;
  }
  if (worst) return overFinding(place, worst.sized, worst.limitA);
  const unsized = terminal.conductors.find((conductor) => !conductor.size || !conductor.metal);
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
  const thinnest = sizedConductors(terminal.conductors)[0]!;
  return clear(
    `${deviceA} A on ${sizeWords(thinnest.size, thinnest.metal)}`,
    terminal.ratingA,
    ...terminal.conductors.flatMap((conductor) => [conductor.size, conductor.metal]),
  );
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
      'An ordinary load. The nameplate of an air conditioner, heat pump or motor could allow a larger breaker: read it if there is one.',
    ],
    ...(ratio >= closeRatio && {
      base: { severity: 4, likelihood: 4, because: `breaker ${ratioWords(ratio)} times the limit` },
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
  const fuseOnly = reader.fact(load, 'fuseOnly');
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

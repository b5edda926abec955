import { wholeDwelling as wholeDwellingOf } from '../../../installation/panel/what-follows';
import type { Fact } from '../../../record/entries/inspection';
import { sizeWords } from '../../../installation/panel/words';
import { deviceAbove, ownMain } from '../../../installation/panel/overcurrent-above';
import {
  ampacityOf,
  largestDeviceA,
  nextStandardA,
  possibleColumns,
} from '../../../codes/yardstick/conductor-limit';
import type { Metal, Size } from '../../../vocabulary/size';
import { compareSizes } from '../../../vocabulary/size';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { DisconnectPlace } from '../../check/supply-place';
import { disconnectPlaces, wantsRole } from '../../check/supply-place';
import type { Outcome, Scene } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 310.12 where one main carries the whole dwelling, else 310.16 with the next size up; never both. */
export const conductorUndersized = defineRule<Place & Partial<DisconnectPlace>>({
  id: 'service/conductor-undersized',
  title: 'Supply conductors too small for the main',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  behindCover: true,
  finds:
    'Supply conductors too small for the one main they feed: by the dwelling table where they carry a whole dwelling on one phase or two legs of 208Y/120, else, and beyond the dwelling table, by ampacity with the next standard size up; parallel sets add up. A separate disconnect that is service equipment is asked too. Both readings agreeing is an answer; disagreeing, it is not seen until somebody says what they carry. With several mains the calculated load decides. A feeder from a breaker of another panel is judged at that breaker.',
  example: 'A 150 A main on 1/0 aluminium.',
  sources: [
    { code: '310.12', says: 'dwelling services and main feeders' },
    { code: '310.16', says: 'ampacity' },
  ],
  who: 'a licensed electrician with the utility',
  remedies: ['smaller-main', 'larger-service-conductors'],
  messages: {
    thin: {
      short: '{conductor} under a {deviceA} A main, good for {limitA} A',
      seen: 'The supply conductors are {conductor}, good for {limitA} A; {device} is {deviceA} A.',
      why: 'The {deviceA} A device lets the supply wires carry more than they are made for, and nothing ahead of it protects them closely.',
      ask: 'A main of {limitA} A after a load calculation, or larger conductors.',
    },
    load: {
      short: '{conductor} carries a calculated {demandA} A, good for {limitA} A',
      seen: 'The supply conductors are {conductor}, good for {limitA} A; the calculated load is {demandA} A.',
      why: 'With several mains nothing limits the supply wires but the load itself, and that is calculated at {demandA} A.',
      ask: 'Larger supply conductors, or one main within their limit.',
    },
  },
  places: (scene) => [panelPlace(scene.panel, 'Supply conductors'), ...disconnectPlaces(scene)],
  check(place, scene) {
    const { site, panel } = scene;
    const { reader } = site;
    if (place.disconnect) return checkDisconnect(place as DisconnectPlace, scene);
    const above = deviceAbove(site, panel);
    if (above?.stands === 'feeder')
      return doesNotApply('its conductors are judged at the breaker that feeds it');
    const size = reader.fact(panel.id, 'supplySize');
    const metal = reader.fact(panel.id, 'supplyMetal');
    if (!size || !metal)
      return notSeen(
        want(panel.id, size ? 'supplyMetal' : 'supplySize', 'read size and metal of the supply'),
      );
    const sets = reader.fact(panel.id, 'parallelSets');
    const many = sets?.value ?? 1;
    const conductor = setWords(many, size.value, metal.value);
    const device = panel.supply.place === 'downstream' ? above : (ownMain(panel) ?? above);
    const mainKind = reader.value(panel.id, 'mainKind');
    if (!device && (mainKind === 'throws' || panel.kind === 'split-bus')) {
      const demand = reader.fact(panel.id, 'serviceDemandA');
      if (!demand) return notSeen(want(panel.id, 'serviceDemandA', 'calculate the load'));
      const [least, most] = limits(scene, size.value, metal.value, demand.value, undefined, many);
      if (demand.value > most)
        return found('load', { conductor, limitA: most, demandA: demand.value }, [
          demand,
          size,
          metal,
          sets,
        ]);
      if (demand.value > least) return askColumn(panel.id);
      return clear(`${conductor} for ${demand.value} A`, demand, size, metal);
    }
    if (!device) return notSeen(want(panel.id, 'mainKind', 'read the rating of the main'));
    const whole = wholeDwelling(scene);
    const [least, most] = limits(scene, size.value, metal.value, device.ratingA, whole, many);
    const facts: (Fact | undefined)[] = [
      device.fact,
      size,
      metal,
      sets,
      wholeDwellingOf(scene.site, panel)?.fact,
    ];
    if (device.ratingA > most)
      return found(
        'thin',
        { conductor, limitA: most, deviceA: device.ratingA, device: device.words },
        facts,
      );
    if (device.ratingA > least)
      return whole === undefined
        ? notSeen(
            want(panel.id, 'wholeDwelling', 'say whether these conductors carry a whole dwelling'),
          )
        : askColumn(panel.id);
    return clear(`${conductor} under ${device.ratingA} A`, ...facts);
  },
});

const askColumn = (panel: string) =>
  notSeen(want(panel, 'supplyRaceway', 'read the insulation and the temperature marks'));

/** Whether 310.12 serves: a whole dwelling on one phase. Undefined where it was not said. */
function wholeDwelling({ site, panel }: Scene): boolean | undefined {
  if (panel.systemRead && panel.system !== 'split-phase' && panel.system !== 'wye-208-two-legs')
    return false;
  return wholeDwellingOf(site, panel)?.whole;
}

/** Service conductors: SE, THW, XHHW and their like. */
const serviceInsulationC = 75;

/** Smallest and largest device the conductor may have, A, over what is not known. */
function limits(
  { yardstick }: Scene,
  size: Size,
  metal: Metal,
  deviceA: number,
  whole: boolean | undefined,
  sets: number,
): [number, number] {
  const table = yardstick.dwellingService;
  const byTable = table.findLast((row) => compareSizes(size, row[metal]) >= 0)?.mainA ?? 0;
  const byAmpacity = possibleColumns(yardstick, deviceA, serviceInsulationC, undefined).map(
    (column) =>
      sets === 1
        ? (largestDeviceA(yardstick, metal, size, column, false) ?? 0)
        : nextStandardA(yardstick, sets * (ampacityOf(yardstick, metal, size, column) ?? 0)),
  );
  const inTable = deviceA >= table[0]!.mainA && deviceA <= table.at(-1)!.mainA;
  if (!inTable || sets > 1) return [Math.min(...byAmpacity), Math.max(...byAmpacity)];
  const all = [...(whole === true ? [] : byAmpacity), ...(whole === false ? [] : [byTable])];
  return [Math.min(...all), Math.max(...all)];
}

const setWords = (sets: number, size: Size, metal: Metal) =>
  `${sets > 1 ? `${sets} × ` : ''}${sizeWords(size, metal)}`;

/** The conductors that come to a separate first disconnect, against its rating. */
function checkDisconnect(place: DisconnectPlace, scene: Scene): Outcome {
  const { reader } = scene.site;
  if (place.disconnect === 'unsure') return notSeen(wantsRole(place));
  if (place.disconnect === 'not-first') return doesNotApply('not the first disconnect');
  const size = reader.fact(place.ref, 'supplySize');
  const metal = reader.fact(place.ref, 'supplyMetal');
  const rating = reader.fact(place.ref, 'disconnectRatingA');
  const sets = reader.fact(place.ref, 'parallelSets');
  if (!rating)
    return notSeen(want(place.ref, 'disconnectRatingA', 'read the rating of the disconnect'));
  if (!size || !metal)
    return notSeen(
      want(place.ref, size ? 'supplyMetal' : 'supplySize', 'read size and metal of the supply'),
    );
  const many = sets?.value ?? 1;
  const whole = wholeDwelling(scene);
  const [least, most] = limits(scene, size.value, metal.value, rating.value, whole, many);
  const conductor = setWords(many, size.value, metal.value);
  const facts = [rating, size, metal, sets, reader.fact(scene.panel.id, 'wholeDwelling')];
  if (rating.value > most)
    return found(
      'thin',
      { conductor, limitA: most, deviceA: rating.value, device: place.label },
      facts,
    );
  if (rating.value > least)
    return whole === undefined
      ? notSeen(
          want(
            scene.panel.id,
            'wholeDwelling',
            'say whether these conductors carry a whole dwelling',
          ),
        )
      : askColumn(scene.panel.id);
  return clear(`${conductor} under ${rating.value} A`, ...facts);
}

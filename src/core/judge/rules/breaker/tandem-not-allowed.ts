import { listed, runsOf } from '../../../vocabulary/phrases';
import type { DevicePlace } from '../../check/places';
import { panelPlace } from '../../check/places';
import type { Outcome, Place, Scene } from '../../check/rule';
import { clear, defineRule, doesNotApply, notSeen, want } from '../../check/rule';

type TandemPlace = Place & Partial<Pick<DevicePlace, 'device'>>;

/** 408.54: no more overcurrent devices than the label allows, and half-size ones only where it does. */
export const tandemNotAllowed = defineRule<TandemPlace>({
  id: 'breaker/tandem-not-allowed',
  title: 'Tandem where the label allows none, or too many circuits',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  behindCover: false,
  finds:
    'Each tandem, quad and half-width breaker is held against the label’s positions, the notch of the stab and the ratings the label lists; all circuits together against the label’s number.',
  example: '`13 t15/15` where the label allows tandems at 17 to 24.',
  sources: [
    { code: '408.54', says: 'greatest number of overcurrent devices' },
    { code: '110.3(B)', says: 'use by the listing and label' },
  ],
  who: 'a licensed electrician',
  remedies: ['tandem-to-singles', 'downstream-panel', 'replace-panel'],
  messages: {
    tandem: {
      short: '{what}; label allows {allowed}',
      seen: '{what} at position {label}; the label allows half-size breakers at {allowed}.',
      why: 'Position {label} was not made for two circuits: more heat and wire than the maker tested there.',
      ask: 'A full-size breaker at {label} and a place of its own for the second circuit.',
    },
    notch: {
      short: '{what} on a stab without a notch',
      seen: '{what} at position {label}; the stab there has no notch and is made for full-size breakers only.',
      why: 'A breaker forced onto the stab at {label} may grip it poorly and heat there.',
      ask: 'A full-size breaker at {label} and a place of its own for the second circuit; have the stab examined.',
    },
    pair: {
      short: 'Tandem of {ratings} A; label lists {listed}',
      seen: 'The tandem at position {label} is of {ratings} A; the label lists {listed}.',
      why: 'The label lists what was tested for this panel; a tandem of {ratings} A, as at position {label}, is not among it.',
      ask: 'Breakers the label lists, each fitting its wire.',
    },
    house: {
      short: '{count} tandems, house limit {most}',
      seen: 'The panel holds {count} tandems; the limit this office has set itself is {most}, tighter than the label.',
      why: 'With {count} tandems there is little room left for neutrals and for heat to leave.',
      ask: 'Circuits moved to a panel with room, so that {most} tandems or fewer remain.',
    },
    circuits: {
      short: '{count} circuits, label allows {most}',
      seen: 'The panel holds {count} breaker poles; its label allows {most}.',
      why: 'With {count} circuits this panel carries more wire and heat than the {most} it was tested for.',
      ask: 'Bring the panel within its label: a downstream panel or a larger one.',
    },
  },
  places: (scene) => [
    panelPlace(scene.panel, 'All circuits'),
    ...scene.places.devices.filter(({ device }) => halfSize.has(device.form)),
  ],
  check: (place, scene) => (place.device ? checkTandem(place.device, scene) : checkCount(scene)),
});

function checkTandem(device: DevicePlace['device'], { site, panel }: Scene): Outcome {
  const under = panel.positions.filter(({ devices }) => devices.includes(device));
  const plain = under
    .flatMap(({ ref }) => site.reader.fact(ref, 'stabTakes') ?? [])
    .filter(({ value }) => value === 'full-size');
  const form = site.reader.facts(device.id, 'form');
  if (plain.length > 0)
    return {
      outcome: 'found',
      message: 'notch',
      data: { what: whatWords(device.form), label: device.label },
      facts: [...plain, ...form],
    };
  const allowed = site.reader.fact(panel.id, 'labelTandemPositions');
  if (!allowed)
    return notSeen(
      want(panel.id, 'labelTandemPositions', 'read on the label which positions take tandems'),
    );
  if (under.every(({ number }) => allowed.value.includes(number)))
    return checkPair(device, { site, panel }) ?? clear('a position that takes a tandem', allowed);
  return {
    outcome: 'found',
    message: 'tandem',
    data: {
      what: whatWords(device.form),
      label: device.label,
      allowed: allowed.value.length ? runsOf(allowed.value) : 'none',
    },
    facts: [allowed, ...form],
  };
}

/** A tandem of ratings the label does not list; nothing where it lists them, or where the list was not read. */
function checkPair(
  device: DevicePlace['device'],
  { site, panel }: Pick<Scene, 'site' | 'panel'>,
): Outcome | undefined {
  const listedPairs = site.reader.fact(panel.id, 'labelTandemRatings');
  const ratings = device.terminals.flatMap(({ handleA }) => handleA ?? []).sort((a, b) => a - b);
  if (!listedPairs || device.form !== 'tandem') return undefined;
  if (ratings.length < 2) return notSeen(want(device.id, 'handleRatingsA', 'read both handles'));
  const pair = ratings.join('/');
  if (listedPairs.value.some((one) => one === pair)) return undefined;
  return {
    outcome: 'found',
    message: 'pair',
    data: {
      ratings: pair,
      label: device.label,
      listed: listedPairs.value.length > 0 ? `${listed(listedPairs.value)} A` : 'none',
    },
    facts: [listedPairs, ...site.reader.facts(device.id, 'handleRatingsA')],
  };
}

function checkCount({ site, panel, settings }: Scene): Outcome {
  const tandems = panel.devices.filter((device) => device.form === 'tandem');
  const { mostTandems } = settings.house;
  if (mostTandems !== null && tandems.length > mostTandems)
    return {
      outcome: 'found',
      message: 'house',
      data: { count: tandems.length, most: mostTandems },
      facts: tandems.flatMap(({ id }) => site.reader.facts(id, 'form')),
    };
  const most = site.reader.fact(panel.id, 'labelCircuits');
  const count = panel.devices.reduce((sum, device) => sum + device.terminals.length, 0);
  if (!most) {
    if (panel.rows === undefined) return notSeen(want(panel.id, 'rows', 'count the positions'));
    return notSeen(want(panel.id, 'labelCircuits', 'read the number of circuits on the label'));
  }
  if (count > most.value)
    return {
      outcome: 'found',
      message: 'circuits',
      data: { count, most: most.value },
      facts: [most, ...panel.devices.flatMap((d) => site.reader.facts(d.id, 'place'))],
    };
  if (panel.rows === undefined) return doesNotApply('no positions recorded');
  const unformed = panel.devices.find((device) => !site.reader.fact(device.id, 'form'));
  if (unformed) return notSeen(want(unformed.id, 'form', 'record the form of every breaker'));
  const unrecorded = panel.positions.find(
    (position) => position.devices.length === 0 && !position.opening,
  );
  if (unrecorded) return notSeen(want(unrecorded.ref, 'opening', 'record every position'));
  return clear(`${count} circuits, label allows ${most.value}`, most);
}

const halfSize: ReadonlySet<string> = new Set(['tandem', 'quad', 'quad-separate', 'half']);
const whatWords = (form: string) =>
  form === 'tandem' ? 'Tandem' : form === 'half' ? 'Half-width breaker' : 'Quad';

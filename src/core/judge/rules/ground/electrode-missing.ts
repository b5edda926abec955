import {
  countedElectrodes,
  electrodePlaces,
  electrodesOf,
  supplyOfBuilding,
} from '../../check/electrodes';
import { wantsPlace } from '../../check/supply-place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 250.24(A), 250.50: a service is joined to its electrodes. */
export const electrodeMissing = defineRule({
  id: 'ground/electrode-missing',
  title: 'No electrode conductor',
  stage: 3,
  hazards: ['shock', 'damage'],
  base: { severity: 3, likelihood: 3 },
  finds:
    'At the building of the first disconnect the electrode conductor is absent or cut, or there is no electrode. One that leaves out of sight is not seen: where does it end?',
  example: 'A clamp on the water pipe with a hand’s breadth of wire on it.',
  sources: [
    { code: '250.24(A)', says: 'system grounding connections' },
    { code: '250.50', says: 'grounding electrode system' },
  ],
  remedies: ['conductor-whole', 'rods-and-conductor'],
  messages: {
    none: {
      short: 'No electrode',
      seen: 'There is no electrode at this building.',
      why: 'Lightning and a fault on the utility’s side find earth through the house and what people touch.',
      ask: 'Electrodes, and a conductor to the first disconnect.',
    },
    cut: {
      short: '{electrodes}: conductor {how}',
      seen: 'The conductor of {electrodes} is {how}.',
      why: 'Lightning and a fault on the utility’s side find earth through the house and what people touch.',
      ask: 'An unbroken conductor from the first disconnect to the electrodes.',
    },
  },
  places: electrodePlaces,
  check(place, scene) {
    const { reader } = scene.site;
    const supply = supplyOfBuilding(scene, place.ref);
    const electrodes = electrodesOf(scene, place.ref);
    if (supply === 'downstream') return doesNotApply('fed from another building or disconnect');
    const ends = electrodes.map((one) => ({
      ...one,
      conductor: reader.fact(one.id, 'electrodeConductor'),
    }));
    const whole = ends.find((one) => one.conductor?.value === 'seen-to-end');
    if (whole) return clear('seen from end to end', whole.conductor);
    const counted = countedElectrodes(scene, place.ref, electrodes);
    const bad = ends.filter(
      ({ conductor }) => conductor?.value === 'cut' || conductor?.value === 'absent',
    );
    const allBad = bad.length === ends.length;
    if (counted && allBad) {
      if (supply === 'unknown') return notSeen(wantsPlace(scene.panel));
      if (ends.length === 0) return found('none', {}, [counted]);
      return found(
        'cut',
        {
          electrodes: bad.map((one) => one.label.toLowerCase()).join(' and '),
          how: bad[0]!.conductor!.value,
        },
        [...bad.map((one) => one.conductor), counted],
      );
    }
    const unseen = ends.find(({ conductor }) => !conductor || conductor.value === 'out-of-sight');
    return notSeen(
      unseen
        ? want(
            unseen.id,
            'electrodeConductor',
            'follow the electrode conductor: where does it end?',
          )
        : want(place.ref, 'electrodeCount', 'look for electrodes and their conductors'),
    );
  },
});

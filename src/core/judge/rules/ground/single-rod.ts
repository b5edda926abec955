import { countedElectrodes, electrodePlaces, electrodesOf } from '../../check/electrodes';
import {
  clear,
  defineRule,
  doesNotApply,
  found,
  likelyNotSeen,
  notSeen,
  want,
} from '../../check/rule';

/** 250.53(A)(2): one rod alone only with proof of 25 ohm. A water pipe does not count. */
export const singleRod = defineRule({
  id: 'ground/single-rod',
  title: 'One rod alone, without proof',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'One rod, no encased bar, ring, building steel or second rod, and no proof of 25 Ω or less. A water pipe does not count beside it.',
  example: 'One rod beside the meter, nobody ever measured it.',
  sources: [{ code: '250.53(A)(2)', says: 'supplemental electrode of a single rod' }],
  remedies: ['rod-measured', 'second-rod'],
  messages: {
    single: {
      short: 'One rod, {proof}',
      seen: 'The only electrode besides pipes is one rod; {proof}.',
      why: 'A single rod in dry ground carries next to nothing.',
      ask: 'A second rod, which is cheaper than the measurement.',
    },
  },
  places: electrodePlaces,
  check(place, scene) {
    const { reader } = scene.site;
    const electrodes = electrodesOf(scene, place.ref);
    const unkind = electrodes.find((one) => !one.kind);
    const rods = electrodes.filter((one) => one.kind?.value === 'rod');
    const others = electrodes.find(
      (one) => one.kind && one.kind.value !== 'rod' && one.kind.value !== 'water-pipe',
    );
    if (others) return clear('another kind of electrode', others.kind);
    if (rods.length > 1) return clear(`${rods.length} rods`, ...rods.map((one) => one.kind));
    const counted = countedElectrodes(scene, place.ref, electrodes);
    const [rod] = rods;
    if (!rod) {
      if (counted && !unkind) return doesNotApply('no rod');
      return notSeen(
        unkind
          ? want(unkind.id, 'electrodeKind', 'say what electrode it is')
          : want(place.ref, 'electrodeCount', 'look for every electrode of this building'),
      );
    }
    const ohm = reader.fact(rod.id, 'electrodeOhm');
    const proof = reader.fact(rod.id, 'rodProof');
    if (ohm && ohm.value <= scene.yardstick.singleRodOhm) return clear(`${ohm.value} Ω`, ohm);
    if (proof?.value === 'shown') return clear('proof shown', proof);
    if (!counted)
      return notSeen(
        want(place.ref, 'electrodeCount', 'look for every electrode of this building'),
      );
    if (ohm)
      return found('single', { proof: `it measures ${ohm.value} Ω` }, [rod.kind, counted, ohm]);
    if (proof)
      return found('single', { proof: 'no proof of 25 Ω or less' }, [rod.kind, counted, proof]);
    return likelyNotSeen(
      [rod.kind, counted],
      want(rod.id, 'electrodeOhm', 'ask for proof of 25 Ω or less, or measure it'),
    );
  },
});

import { countedElectrodes, electrodePlaces, electrodesOf } from '../../check/electrodes';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 250.53(D)(2): a water pipe is supplemented by another electrode, since 1978. */
export const waterPipeOnly = defineRule({
  id: 'ground/water-pipe-only',
  title: 'Water pipe the only electrode',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  since: 1978,
  finds: 'A metal water pipe as the only electrode of a building. Any other beside it is clear.',
  example: 'A clamp on the street main and nothing else.',
  sources: [{ code: '250.53(D)(2)', says: 'supplemental electrode of a water pipe' }],
  remedies: ['rods-beside'],
  messages: {
    only: {
      short: 'Water pipe the only electrode',
      seen: 'The metal water pipe is the only electrode of this building.',
      why: 'The day the water company fits a plastic pipe, this building has no electrode, and nobody will notice.',
      ask: 'Rods beside the water pipe.',
    },
  },
  places: electrodePlaces,
  check(place, scene) {
    const electrodes = electrodesOf(scene, place.ref);
    const other = electrodes.find((one) => one.kind && one.kind.value !== 'water-pipe');
    if (other) return clear('another electrode', other.kind);
    const unkind = electrodes.find((one) => !one.kind);
    if (unkind) return notSeen(want(unkind.id, 'electrodeKind', 'say what electrode it is'));
    const counted = countedElectrodes(scene, place.ref, electrodes);
    if (!counted)
      return notSeen(
        want(place.ref, 'electrodeCount', 'look for every electrode of this building'),
      );
    if (electrodes.length === 0) return doesNotApply('no water pipe as electrode');
    return found('only', {}, [...electrodes.map((one) => one.kind), counted]);
  },
});

import { bondingJumper } from '../../../codes/yardstick/bonding-jumper';
import { sizeWords } from '../../../installation/panel/words';
import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';
import { disconnectPlaces, wantsPlace, wantsRole } from '../../check/supply-place';
import type { DisconnectPlace } from '../../check/supply-place';
import type { Place } from '../../check/place';

/** 250.28(D), 250.102(C): the size of a main bonding jumper that is a wire. */
export const jumperSize = defineRule<Place & Partial<DisconnectPlace>>({
  id: 'ground/jumper-size',
  title: 'Main bonding jumper too small',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 2 },
  behindCover: true,
  finds:
    'At the first disconnect, a wire that joins neutral and enclosure below the table for the supply; beyond the table 12.5 % of its area, the areas of parallel sets added up. Nothing is taken off for rods. The screw or strap made for the panel is not asked.',
  example: 'A bonding jumper of 8 copper under a supply of 3/0.',
  sources: [
    { code: '250.28(D)', says: 'size of main bonding jumpers' },
    { code: '250.102(C)', says: 'table of bonding jumpers' },
  ],
  remedies: ['jumper-made-for-it'],
  messages: {
    small: {
      short: '{conductor}, {least} is the least',
      seen: 'The wire that joins neutral and enclosure is {conductor}; {least} is the least for this supply.',
      why: 'All that a fault brings back comes over this wire. Too thin, it burns before the breaker opens, and the metal stays live.',
      ask: 'The screw or strap made for the panel, or a wire of {least}.',
    },
  },
  places: (scene) => [
    panelPlace(scene.panel, 'Main bonding jumper'),
    ...disconnectPlaces(scene).map((place) => ({
      ...place,
      label: `Bonding jumper, ${place.label}`,
    })),
  ],
  check(place, { site: { reader }, panel, yardstick }) {
    if (place.disconnect === 'not-first') return doesNotApply('not the first disconnect');
    if (place.disconnect === 'unsure') return notSeen(wantsRole(place as DisconnectPlace));
    if (!place.disconnect) {
      if (panel.supply.place === 'downstream') return doesNotApply('not the first disconnect');
      if (panel.supply.place === undefined) return notSeen(wantsPlace(panel));
    }
    const bond = reader.fact(place.ref, 'bond');
    if (bond?.value === 'none') return doesNotApply('neutral and enclosure are not joined');
    if (bond && bond.value !== 'strap')
      return doesNotApply('joined by the screw or the bar itself');
    const jumper = reader.fact(place.ref, 'bondJumper');
    if (!jumper)
      return notSeen(want(place.ref, 'bondJumper', 'look what joins neutral and enclosure'));
    if (jumper.value === 'factory') return clear('the screw or strap made for it', jumper);
    const size = reader.fact(place.ref, 'bondJumperSize');
    const metal = reader.fact(place.ref, 'bondJumperMetal');
    const supply = reader.fact(place.ref, 'supplySize');
    const supplyMetal = reader.fact(place.ref, 'supplyMetal');
    if (!size || !metal)
      return notSeen(
        want(
          place.ref,
          size ? 'bondJumperMetal' : 'bondJumperSize',
          'read size and metal of the jumper',
        ),
      );
    if (!supply || !supplyMetal)
      return notSeen(
        want(place.ref, supply ? 'supplyMetal' : 'supplySize', 'read size and metal of the supply'),
      );
    const sets = reader.fact(place.ref, 'parallelSets');
    const least = bondingJumper(yardstick, supply.value, supplyMetal.value, sets?.value)[
      metal.value
    ];
    const facts = [jumper, size, metal, supply, supplyMetal, sets];
    if (yardstick.areaKcmil[size.value] < yardstick.areaKcmil[least])
      return found(
        'small',
        { conductor: sizeWords(size.value, metal.value), least: sizeWords(least, metal.value) },
        facts,
      );
    return clear(sizeWords(size.value, metal.value), ...facts);
  },
});

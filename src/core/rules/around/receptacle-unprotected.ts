import type { Place } from '../place';
import { outletsOf } from '../outlet-places';
import { clear, defineRule, found, notSeen, want } from '../rule';

const asked: readonly string[] = [
  'outdoors',
  'wet',
  'by-panel',
  'kitchen',
  'bath',
  'garage',
  'basement',
  'laundry',
];

/** 210.8, 406.9: receptacles where there is water or earth underfoot. */
export const receptacleUnprotected = defineRule<Place & { outlet?: true }>({
  id: 'around/receptacle-unprotected',
  title: 'Receptacle without its protection',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'A receptacle outdoors, in a wet place, by the panel or where ground-fault protection is asked for, without it (its own or a tested device upstream); outdoors also without an in-use cover or of a type that is not weather-resistant.',
  example: 'A garden outlet under a flap, no ground-fault device anywhere.',
  sources: [
    { code: '210.8', says: 'ground-fault protection' },
    { code: '406.9(B)', says: 'receptacles in wet places' },
  ],
  remedies: ['A ground-fault device', 'An in-use cover and a weather-resistant receptacle'],
  remediesInOrder: true,
  messages: {
    unprotected: {
      short: '{place}: no ground-fault protection',
      seen: '{place} has no ground-fault protection, its own or upstream.',
      why: 'A person with wet feet and a faulty tool is the only thing that will notice the fault.',
      ask: 'Ground-fault protection for this receptacle.',
    },
    cover: {
      short: '{place}: {fault}',
      seen: '{place}: {fault}.',
      why: 'Rain gets to the contacts while something is plugged in.',
      ask: 'An in-use cover and a weather-resistant receptacle.',
    },
  },
  places: (scene) => outletsOf(scene, 'receptacle', 'Receptacles in sight'),
  check(place, { site: { reader } }) {
    if (!place.outlet) {
      const looked = reader.fact(place.ref, 'outletsLooked');
      return looked?.value
        ? clear('none recorded as unsound', looked)
        : notSeen(
            want(place.ref, 'outletsLooked', 'look at receptacles outdoors and by the panel'),
          );
    }
    const where = reader.fact(place.ref, 'outletPlace');
    if (!where) return notSeen(want(place.ref, 'outletPlace', 'say where it is'));
    if (!asked.includes(where.value)) return clear('no place that asks for it', where);
    const protection = reader.fact(place.ref, 'outletProtection');
    if (protection?.value === 'none') return found('unprotected', {}, [where, protection]);
    const wet = where.value === 'outdoors' || where.value === 'wet';
    const cover = wet ? reader.fact(place.ref, 'inUseCover') : undefined;
    const type = wet ? reader.fact(place.ref, 'weatherResistant') : undefined;
    if (cover?.value === false) return found('cover', { fault: 'no in-use cover' }, [where, cover]);
    if (type?.value === false)
      return found('cover', { fault: 'not of a weather-resistant type' }, [where, type]);
    if (!protection)
      return notSeen(want(place.ref, 'outletProtection', 'test its ground-fault protection'));
    if (wet && !cover) return notSeen(want(place.ref, 'inUseCover', 'look at its cover'));
    if (wet && !type) return notSeen(want(place.ref, 'weatherResistant', 'read its type'));
    return clear('protected', where, protection, cover, type);
  },
});

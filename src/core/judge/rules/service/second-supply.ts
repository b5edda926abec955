import type { Place } from '../../check/place';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 702.5, 705.12: a second supply cannot meet the first by accident. */
export const secondSupply = defineRule<Place & { building?: true }>({
  id: 'service/second-supply',
  title: 'Second supply without interlock',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'A generator, battery or other source without a listed interlock or transfer switch. A listed utility-interactive inverter needs none; its kind unread is not seen. Danger now where both can be closed at this moment.',
  example: 'A generator inlet on a two-pole breaker with no interlock to the main.',
  sources: [
    { code: '702.5', says: 'transfer equipment' },
    { code: '705.12', says: 'interconnected sources' },
  ],
  remedies: ['interlock', 'transfer-switch'],
  messages: {
    free: {
      short: '{place}: no interlock with the main',
      seen: '{place} has no interlock with the main.',
      why: 'With both closed it feeds back into the street, where a line worker believes the wires are dead.',
      ask: 'A listed interlock or transfer switch before the second supply is used again.',
    },
    both: {
      short: '{place}: both supplies can be closed now',
      seen: '{place} and the utility can both be closed now.',
      why: 'One wrong movement sends power into the street or two supplies into each other.',
      ask: 'The second supply disconnected and tagged today; then a listed interlock.',
    },
  },
  places: ({ around }) =>
    around.sources.length > 0
      ? around.sources
      : around.buildings.map((place) => ({
          ...place,
          label: 'Second supply',
          building: true as const,
        })),
  check(place, { site: { reader } }) {
    if (place.building) {
      const other = reader.fact(place.ref, 'otherSupply');
      if (!other || other.value)
        return notSeen(
          want(place.ref, 'otherSupply', 'look for a generator, solar or battery supply'),
        );
      return clear('no second supply', other);
    }
    const kind = reader.fact(place.ref, 'sourceKind');
    const interlock = reader.fact(place.ref, 'interlock');
    const both = reader.fact(place.ref, 'bothCanClose');
    if (kind?.value === 'inverter') return clear('listed utility-interactive inverter', kind);
    if (interlock?.value === 'listed') return clear('interlocked', interlock, kind);
    if (!kind || kind.value === 'unknown')
      return notSeen(want(place.ref, 'sourceKind', 'read the kind of the second supply'));
    if (!interlock) return notSeen(want(place.ref, 'interlock', 'look for an interlock'));
    if (both?.value)
      return found('both', {}, [kind, interlock, both], {
        danger: 'both supplies can be closed now',
      });
    return found('free', {}, [kind, interlock]);
  },
});

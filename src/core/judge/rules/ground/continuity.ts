import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** A way to ground must bring a fault back: measured, it is to be next to nothing. */
export const groundContinuity = defineRule<Place>({
  id: 'ground/continuity',
  title: 'Way to ground not continuous',
  stage: 10,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  behindCover: false,
  finds:
    'A way to ground measured above 1 Ω: of the panel to the main bond, of a pipe, of a circuit. Acceptance testing practice; earth itself is measured otherwise, as the resistance of an electrode.',
  example: '40 Ω from the shed’s enclosure to the main bond.',
  sources: [
    { code: '250.4(A)(5)', says: 'effective ground-fault current path' },
    { code: 'acceptance testing practice', says: 'continuity of grounding to 1 Ω' },
  ],
  remedies: ['joint-along-the-way'],
  messages: {
    open: {
      short: '{place}: {ohm} Ω to ground',
      seen: '{place} measured {ohm} Ω to ground; {most} Ω is the most.',
      why: 'On a fault so little current comes back that no breaker opens, and the metal stays live.',
      ask: 'The joint that does not hold found and re-made by a licensed electrician.',
    },
  },
  places: ({ panel, around, places, site: { reader } }) => [
    panelPlace(panel, panel.name),
    ...around.pipes,
    ...around.electrodes.filter(({ ref }) => reader.fact(ref, 'continuityOhm')),
    ...places.circuits.filter(({ ref }) => reader.fact(ref, 'continuityOhm')),
  ],
  quiet: {
    unless: ['continuityOhm'],
    property: 'continuityOhm',
    say: 'measure its way to ground',
  },
  check(place, { site: { reader }, yardstick: { continuousToOhm } }) {
    const ohm = reader.fact(place.ref, 'continuityOhm');
    if (!ohm) return notSeen(want(place.ref, 'continuityOhm', 'measure its way to ground'));
    return ohm.value > continuousToOhm
      ? found('open', { ohm: ohm.value, most: continuousToOhm }, [ohm])
      : clear(`${ohm.value} Ω`, ohm);
  },
});

import { panelPlace } from '../../check/places';
import type { Place } from '../../check/place';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

const adverse = {
  loose: 'loose',
  'by-raceway': {
    message: 'hung',
    base: { severity: 2, likelihood: 3, because: 'carried by its raceway alone' },
  },
} as const;
const ofPanel = readsChoice({ property: 'mounting', say: 'see how the box is held', adverse });
const ofMeter = readsChoice({
  property: 'meterMounting',
  say: 'see how the meter enclosure is held',
  adverse,
});

/** 110.13(A): equipment is firmly secured to its surface. */
export const looseMounting = defineRule<Place & { meter?: true }>({
  id: 'enclosure/loose-mounting',
  title: 'Enclosure not held to the wall',
  stage: 4,
  hazards: ['shock', 'damage'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A panel box or meter enclosure that is loose on the wall; carried by its raceway or fittings alone it is one step likelier.',
  example: 'A meter enclosure hanging on its conduit after the siding was changed.',
  sources: [{ code: '110.13(A)', says: 'firmly secured to the surface' }],
  remedies: ['fasten'],
  messages: {
    loose: {
      short: '{place}: loose on the wall',
      seen: '{place} is loose on the wall.',
      why: 'Every movement works on the joints inside {place}.',
      ask: 'The enclosure fastened to the wall.',
    },
    hung: {
      short: '{place}: held by its raceway alone',
      seen: '{place} is held by its raceway or fittings alone.',
      why: 'The weight of {place} pulls at the raceway, and with it at the ground path and the wires.',
      ask: 'The enclosure fastened to the wall, and its fittings checked.',
    },
  },
  places: ({ panel, around }) => [
    panelPlace(panel, 'Panel box'),
    ...around.meters.map((meter) => ({ ...meter, meter: true as const })),
  ],
  check: (place, scene) => (place.meter ? ofMeter : ofPanel)(place, scene),
});

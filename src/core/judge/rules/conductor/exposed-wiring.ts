import { placesOfOutlets } from '../../check/outlet-places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 300.4, 334.10: wiring protected against damage and weather. */
export const exposedWiring = defineRule({
  id: 'conductor/exposed-wiring',
  title: 'Wiring exposed to damage or weather',
  stage: 3,
  hazards: ['fire', 'shock'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'Single conductors, or non-metallic cable, run exposed where damage or weather reaches them.',
  example: 'Non-metallic cable stapled along the outside of a shed.',
  sources: [
    { code: '300.4', says: 'protection against physical damage' },
    { code: '334.10', says: 'uses permitted of non-metallic cable' },
  ],
  remedies: ['raceway-over-it', 'cable-for-the-place'],
  messages: {
    exposed: {
      short: '{place}: wiring exposed',
      seen: '{place}: single conductors or cable run exposed.',
      why: 'A tool, a foot or a season of sun is all that stands between it and bare metal.',
      ask: 'The run protected, or a wiring method made for the place.',
    },
  },
  places: (scene) => placesOfOutlets(scene, 'Wiring in sight'),
  check: readsChoice({
    property: 'exposure',
    say: 'look for wiring exposed to damage or weather',
    adverse: { exposed: 'exposed' },
  }),
});

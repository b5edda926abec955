import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 300.4(G): 4 AWG and larger from a raceway over a smooth rounded insulating surface. */
export const noBushing = defineRule({
  id: 'conductor/no-bushing',
  title: 'No insulated bushing on a large raceway',
  stage: 8,
  hazards: ['fire', 'shock'],
  base: { severity: 3, likelihood: 2 },
  behindCover: true,
  finds: 'Conductors of 4 AWG or larger entering from a raceway without an insulated bushing.',
  example: 'Service wires over the sharp end of a conduit.',
  sources: [{ code: '300.4(G)', says: 'insulated fittings' }],
  remedies: ['split-bushing', 'new-fitting'],
  messages: {
    missing: {
      short: 'No bushing where large wires enter',
      seen: 'Conductors of 4 AWG or larger enter over the bare end of a raceway.',
      why: 'The edge cuts in as the wires warm and cool; these wires have no breaker close ahead of them.',
      ask: 'An insulated bushing on the raceway.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Large raceways')],
  check: readsChoice({
    property: 'bushing',
    say: 'look at the raceway ends where large wires enter',
    adverse: { missing: 'missing' },
  }),
});

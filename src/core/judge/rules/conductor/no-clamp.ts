import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 312.5(C): each cable is secured where it enters. */
export const noClamp = defineRule({
  id: 'conductor/no-clamp',
  title: 'Cable enters without a connector',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  behindCover: true,
  finds:
    'A cable through a bare hole in the box. A small bare grounding wire needs no connector and is not recorded as a cable.',
  example: 'Three cables pushed through one open knockout.',
  sources: [{ code: '312.5(C)', says: 'cables secured to the enclosure' }],
  remedies: ['connector-each'],
  messages: {
    loose: {
      short: '{place}: enters through a bare hole',
      seen: '{place} enters the box through a bare hole.',
      why: 'The sheet metal saws at the jacket whenever the cable moves.',
      ask: 'A connector in the hole.',
    },
  },
  asks: 'cable',
  places: ({ places }) => places.cables,
  check: readsChoice({
    property: 'cableClamp',
    say: 'look how the cable enters',
    adverse: { none: 'loose' },
  }),
});

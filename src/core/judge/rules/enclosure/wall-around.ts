import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 312.3, 312.4: a box sunk into a wall reaches its face, and the wall is closed to it. */
export const wallAround = defineRule({
  id: 'enclosure/wall-around',
  title: 'Wall open around a sunk box',
  stage: 7,
  hazards: ['fire'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A box in the wall with more than 3 mm open beside it, or whose edge lies more than 6 mm behind the face of the wall; behind a wall that burns, at all.',
  example: 'Board cut a hand too wide for a new panel, covered by its larger front.',
  sources: [
    { code: '312.3', says: 'edge flush with walls that burn, others to 6 mm' },
    { code: '312.4', says: 'no open spaces over 3 mm at the edge' },
  ],
  remedies: ['wall-closed', 'box-to-the-face'],
  messages: {
    gap: {
      short: '{place}: wall open beside the box',
      seen: 'The wall is open beside the box of this panel by more than 3 mm (1/8 in).',
      why: 'What sparks or burns inside can reach the hollow of the wall instead of staying in the box.',
      ask: 'The wall closed to the edge of the box. The gap lies behind the front, which nobody but an electrician takes off.',
    },
    back: {
      short: '{place}: box lies too deep in the wall',
      seen: 'At this panel {value}.',
      why: 'Between the box and its front the wall itself is part of the enclosure, which it was not made to be.',
      ask: 'A collar made for this box, or the box brought forward.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'The box in the wall')],
  check: readsChoice({
    property: 'wallAround',
    say: 'look whether the wall is closed to the box',
    adverse: {
      gap: 'gap',
      back: 'back',
      'back-burns': {
        message: 'back',
        base: { severity: 3, likelihood: 2, because: 'the wall around it burns' },
      },
    },
  }),
});

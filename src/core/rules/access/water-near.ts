import { panelPlace } from '../places';
import { readsChoice } from '../reads-choice';
import { defineRule } from '../rule';

/** 110.26(E): nothing foreign in the space over and under the equipment. */
export const waterNear = defineRule({
  id: 'access/water-near',
  title: 'Water near the panel',
  stage: 4,
  hazards: ['shock', 'damage'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'Foreign piping over or under the panel within its space, or a pump below it. Drip marks count as moisture and raise the likelihood.',
  example: 'A waste pipe crossing above the panel, with drip marks on the cover.',
  sources: [{ code: '110.26(E)', says: 'dedicated space over and under the equipment' }],
  who: 'the owner; a plumber; a licensed electrician',
  remedies: ['A drip shield, where the authority accepts it', 'Move the pipe', 'Move the panel'],
  messages: {
    near: {
      short: 'Water near: {value}',
      seen: 'Near the panel: {value}.',
      why: 'A leak from there runs into the panel over live parts.',
      ask: 'The water led away from the panel, and the panel looked at inside for damp.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Over and under the panel')],
  check: readsChoice({
    property: 'waterNear',
    say: 'look for pipes and pumps over and under the panel',
    adverse: {
      piping: 'near',
      pump: 'near',
      drip: {
        message: 'near',
        base: { severity: 3, likelihood: 3, because: 'drip marks: moisture at the place' },
      },
    },
  }),
});

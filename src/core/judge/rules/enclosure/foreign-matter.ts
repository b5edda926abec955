import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.12(B): no foreign matter on internal parts. */
export const foreignMatter = defineRule({
  id: 'enclosure/foreign-matter',
  title: 'Foreign matter inside',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 2, likelihood: 2 },
  outsideListing: true,
  behindCover: true,
  finds:
    'Shavings, insects or nests inside; paint or plaster on live parts is graver. Dust alone is a note in every school.',
  example: 'Plaster dust and metal shavings on the bus.',
  sources: [{ code: '110.12(B)', says: 'no foreign materials on internal parts' }],
  remedies: ['clean-inside', 'interior'],
  messages: {
    there: {
      short: 'Inside: {value}',
      seen: 'Inside the panel: {value}.',
      why: 'It burns, bridges or insulates where clean metal is wanted.',
      ask: 'The panel cleaned inside with its supply off.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Inside the box')],
  check: readsChoice({
    property: 'foreignMatter',
    say: 'look for dust, shavings, nests and paint inside',
    adverse: {
      dust: {
        message: 'there',
        most: { grade: 'note', because: 'dust alone: on record' },
      },
      shavings: 'there',
      insects: 'there',
      paint: {
        message: 'there',
        base: { severity: 3, likelihood: 2, because: 'paint or plaster on live parts' },
      },
    },
  }),
});

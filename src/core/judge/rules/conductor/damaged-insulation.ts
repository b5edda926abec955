import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.12(B): insulation whole. */
export const damagedInsulation = defineRule({
  id: 'conductor/damaged-insulation',
  title: 'Insulation damaged',
  stage: 8,
  hazards: ['fire', 'shock'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'Insulation nicked, scraped, melted or brittle. A nick that shows no bare metal is less than bare metal within reach of other metal.',
  example: 'Rubber insulation that falls off when the wire is touched.',
  sources: [{ code: '110.12(B)', says: 'no damaged parts' }],
  remedies: ['cut-end-back', 'sleeve', 'new-conductor'],
  messages: {
    nicked: {
      short: '{place}: insulation nicked',
      seen: 'The insulation of {place} is nicked; no bare metal shows.',
      why: 'The wire is still covered there, by less than it was made with.',
      ask: 'Sleeved or cut back when an electrician next works here.',
    },
    damaged: {
      short: '{place}: insulation {value}',
      seen: 'The insulation of {place} is {value}.',
      why: 'Bare metal under voltage lies close to the box and to other wires.',
      ask: 'The wire cut back, sleeved or renewed by a licensed electrician.',
    },
  },
  asks: 'conductor',
  places: ({ places }) => places.conductors,
  check: readsChoice({
    property: 'insulationState',
    say: 'look at its insulation',
    adverse: {
      nicked: 'damaged',
      'nicked-whole': {
        message: 'nicked',
        base: { severity: 3, likelihood: 2, because: 'nicked, no bare metal' },
      },
      'bare-in-reach': 'damaged',
      melted: 'damaged',
      brittle: 'damaged',
    },
  }),
});

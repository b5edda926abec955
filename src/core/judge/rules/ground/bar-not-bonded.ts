import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 250.8, 408.40: the ground bar is joined to the enclosure, metal to metal. */
export const barNotBonded = defineRule({
  id: 'ground/bar-not-bonded',
  title: 'Ground bar not joined to the enclosure',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: true,
  behindCover: true,
  finds: 'A ground bar that floats, has paint under it, or is held by the wrong screw.',
  example: 'A ground bar held by two sheet-metal screws on paint.',
  sources: [
    { code: '250.8', says: 'connection of grounding equipment' },
    { code: '408.40', says: 'grounding of panelboards' },
  ],
  remedies: ['bar-on-bare-metal'],
  messages: {
    apart: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'The grounds of every circuit on it end at a bar that does not end at the box.',
      ask: 'The bar fitted with its own screws on bare metal.',
    },
  },
  asks: 'ground',
  places: ({ places }) => places.bars.filter(({ bar }) => bar.kind === 'ground'),
  check: readsChoice({
    property: 'barBonded',
    say: 'look how the ground bar is held',
    adverse: { floats: 'apart', paint: 'apart', 'wrong-screw': 'apart' },
  }),
});

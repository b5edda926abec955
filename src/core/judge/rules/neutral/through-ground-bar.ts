import { readsChoice } from '../../check/reads-choice';
import { panelPlace } from '../../check/places';
import { defineRule } from '../../check/rule';

/** 250.24(A)(5), 408.40: the neutral of the supply has a bar of its own. */
export const throughGroundBar = defineRule({
  id: 'neutral/through-ground-bar',
  title: 'Supply neutral on or through a ground bar',
  stage: 9,
  hazards: ['shock', 'damage'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: true,
  behindCover: true,
  finds:
    'The neutral of the supply lands on a ground bar, or reaches the neutral bar by way of one. Joined neutrals and grounds of such a panel are told with it.',
  example:
    'A feeder neutral under a screw of the ground bar, a jumper from there to the neutral bar.',
  sources: [
    { code: '250.24(A)(5)', says: 'no neutral to ground connection on the load side' },
    {
      code: '408.40',
      says: 'grounding conductors not on a bar for neutrals, nor the other way round',
    },
  ],
  remedies: ['supply-neutral-to-its-bar'],
  messages: {
    'on-ground': {
      short: 'Supply neutral {value}',
      seen: 'The neutral of the supply lands {value}.',
      why: 'All the current that comes back flows over metal that people touch; where that bar comes loose, 120 V devices meet far more than they are made for.',
      ask: 'The neutral moved to the lug of the neutral bar, with the supply off.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Supply neutral')],
  check: readsChoice({
    property: 'supplyNeutralOn',
    say: 'follow the neutral of the supply to where it lands',
    adverse: { 'ground-bar': 'on-ground', 'through-ground-bar': 'on-ground' },
  }),
});

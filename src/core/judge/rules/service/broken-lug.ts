import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.14(A): a lug that holds. */
export const brokenLug = defineRule({
  id: 'service/broken-lug',
  title: 'Lug cracked, stripped or on insulation',
  stage: 8,
  hazards: ['fire', 'outage'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'A main or neutral lug that is cracked or stripped, or that clamps insulation. Old lugs break when they are moved: a plan must warn.',
  example: 'A neutral lug whose set screw turns without biting.',
  sources: [{ code: '110.14(A)', says: 'a good connection without damaging the conductor' }],
  who: 'a licensed electrician with the utility',
  remedies: ['new-lug-kit', 'interior'],
  messages: {
    broken: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'That joint cannot be tightened; it heats under load and may let go.',
      ask: 'A new lug with the supply off; nobody should move the old one before.',
    },
  },
  places: ({ places }) => places.lugs,
  check: readsChoice({
    property: 'lugMechanics',
    say: 'look how the lug holds',
    adverse: { cracked: 'broken', stripped: 'broken', insulation: 'broken' },
  }),
});

import { placesOfOutlets } from '../../check/outlet-places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 300.15: joints in boxes that can be reached. */
export const splice = defineRule({
  id: 'conductor/splice',
  title: 'Joint without a box',
  stage: 3,
  hazards: ['fire', 'shock'],
  base: { severity: 4, likelihood: 2 },
  finds: 'A joint without a box, a buried joint, or old open wiring joined to cable.',
  example: 'Two cables twisted together above the ceiling.',
  sources: [{ code: '300.15', says: 'boxes at splices' }],
  remedies: ['box-over-joint', 'one-cable-through'],
  messages: {
    joint: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'A joint is where wiring gets hot; without a box the house is what it burns in.',
      ask: 'The joint made again in a box that can be reached.',
    },
  },
  places: (scene) => placesOfOutlets(scene, 'Joints in sight', ['box', 'wiring']),
  check: readsChoice({
    property: 'splices',
    say: 'look for joints outside boxes',
    adverse: { 'no-box': 'joint', buried: 'joint', 'old-to-cable': 'joint' },
  }),
});

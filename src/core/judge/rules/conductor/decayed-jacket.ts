import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.11: jackets broken down by sun, wet or age. */
export const decayedJacket = defineRule({
  id: 'conductor/decayed-jacket',
  title: 'Cable jacket broken down',
  stage: 8,
  hazards: ['fire', 'shock'],
  base: { severity: 3, likelihood: 2 },
  finds: 'An outer jacket broken down by sun, wet or age.',
  example: 'Service cable on a south wall whose jacket hangs in strips.',
  sources: [{ code: '110.11', says: 'deteriorating agents' }],
  remedies: ['raceway-for-jacket', 'new-cable'],
  messages: {
    decayed: {
      short: '{place}: jacket broken down',
      seen: 'The jacket of {place} is broken down.',
      why: 'Water runs along the wires inside into the panel, and the next layer goes the same way.',
      ask: 'The cable renewed, its end inside looked at for water.',
    },
  },
  asks: 'cable',
  places: ({ places }) => places.cables,
  check: readsChoice({
    property: 'jacketState',
    say: 'look at the outer jacket',
    adverse: { decayed: 'decayed' },
  }),
});

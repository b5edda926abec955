import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 250.50, 250.58: all electrodes at one building are one system; sharing is right. */
export const electrodesNotJoined = defineRule({
  id: 'ground/electrodes-not-joined',
  title: 'Electrodes of one building not joined',
  stage: 3,
  hazards: ['shock', 'damage'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'An electrode of a building that is not bonded to the others there. Services and panels of one building sharing electrodes is right.',
  example: 'A second rod driven for a second panel, joined to nothing else.',
  sources: [
    { code: '250.50', says: 'all electrodes bonded together' },
    { code: '250.58', says: 'common grounding electrode' },
  ],
  remedies: ['jumper-between-electrodes'],
  messages: {
    apart: {
      short: '{place}: not joined to the others',
      seen: '{place} is not joined to the other electrodes of this building.',
      why: 'In a storm two pieces of metal in one room stand thousands of volts apart.',
      ask: 'A bonding jumper between them.',
    },
  },
  asks: 'electrode',
  places: ({ around }) => around.electrodes,
  check: readsChoice({
    property: 'electrodeJoined',
    say: 'see whether it is joined to the others',
    adverse: { 'not-joined': 'apart' },
  }),
});

import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 240.24(B): each occupant reaches the devices of their own circuits. */
export const occupantNoAccess = defineRule({
  id: 'access/occupant-no-access',
  title: 'Occupant cannot reach the breakers',
  stage: 4,
  hazards: ['shock', 'outage'],
  base: { severity: 3, likelihood: 2 },
  finds: 'An occupant who cannot reach the overcurrent devices of their own rooms at any time.',
  example: 'The panel of a flat locked in the landlord’s cellar.',
  sources: [{ code: '240.24(B)', says: 'ready access of each occupant' }],
  who: 'the owner',
  remedies: ['key-for-occupant', 'panel-in-the-rooms'],
  messages: {
    locked: {
      short: 'The occupant cannot reach the breakers',
      seen: 'The occupant cannot reach the breakers of their own rooms.',
      why: 'Something hot or shocking in those rooms cannot be switched off by the person who notices it.',
      ask: 'Access for the occupant at any time, by a key or by a panel in their own rooms.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Reach of the occupant')],
  check: readsChoice({
    property: 'occupantReaches',
    say: 'ask whether the occupant can reach the panel at any time',
    adverse: { false: 'locked' },
  }),
});

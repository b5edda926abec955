import { readsChoice } from '../../check/reads-choice';
import { panelPlace } from '../../check/places';
import { defineRule } from '../../check/rule';

/** 240.81: of a handle that moves up and down, up is on. */
export const handleWrongWay = defineRule({
  id: 'breaker/handle-wrong-way',
  title: 'Handle is on when it is down',
  stage: 6,
  hazards: ['shock', 'outage'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A handle that moves up and down and is on when it is down: as a rule the panel hangs upside down.',
  example: 'A panel mounted upside down, its main on when the handle points to the floor.',
  sources: [{ code: '240.81', says: 'up is on where handles move up and down' }],
  remedies: ['hung-the-right-way'],
  messages: {
    down: {
      short: 'On when down',
      seen: 'Handles that move up and down are on when they are down.',
      why: 'In a hurry, or in the dark, somebody pushes the handle down and believes it is off.',
      ask: 'The panel hung the right way up, or the main set so that up is on.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Vertical handles')],
  check: readsChoice({
    property: 'verticalHandles',
    say: 'look which way handles that move up and down are on',
    adverse: { down: 'down' },
  }),
});

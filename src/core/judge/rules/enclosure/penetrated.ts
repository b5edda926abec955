import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.12(B): nothing driven through the box. */
export const penetrated = defineRule({
  id: 'enclosure/penetrated',
  title: 'Screw, nail or drill driven into the box',
  stage: 3,
  hazards: ['fire', 'shock', 'arc flash'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'A screw, nail or drill hole from outside into the box. Touching bus or wire, or with an arc mark, it is close to happening.',
  example: 'A shelf screwed through the back of the panel.',
  sources: [{ code: '110.12(B)', says: 'integrity of electrical equipment' }],
  remedies: ['take-out-what-penetrates'],
  messages: {
    into: {
      short: 'Driven into the box: {value}',
      seen: 'Something was driven from outside {value}.',
      why: 'A point inside the box sits near live metal; a knock on it from outside can close the gap.',
      ask: 'Leave it alone; a licensed electrician takes it out with the supply off.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Back and sides')],
  check: readsChoice({
    property: 'penetration',
    say: 'look round the box from outside',
    adverse: {
      'into-box': 'into',
      touching: {
        message: 'into',
        base: { severity: 4, likelihood: 4, because: 'touches bus or wire' },
      },
    },
  }),
});

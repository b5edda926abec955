import type { BarTerminalPlace } from '../../check/places';
import { slackAt } from '../../check/slack';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.14: ground or bond screw loose. */
export const looseGround = defineRule<BarTerminalPlace>({
  id: 'ground/loose',
  title: 'Ground or bond screw loose',
  stage: 9,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  behindCover: true,
  finds:
    'A ground conductor that moves at a touch under its screw, or a torque under half the label.',
  example: 'The electrode conductor turns in its terminal.',
  sources: [
    { code: '110.14(A)', says: 'a thoroughly good connection' },
    { code: '110.14(D)', says: 'torque as marked on the equipment' },
  ],

  remedies: ['re-made'],
  messages: {
    loose: {
      short: '{place}: loose',
      seen: 'At {place} the ground {how}.',
      why: 'When it lets go, a fault finds no way back, breakers do not open, and metal that people touch stays live.',
      ask: 'The joint re-made to its torque with the supply off.',
    },
  },
  asks: 'ground',
  places: ({ places }) =>
    places.barTerminals.filter(
      ({ terminal }) =>
        terminal.conductors.some(({ function: use }) => use?.value === 'ground') &&
        !terminal.conductors.some(({ function: use }) => use?.value === 'neutral'),
    ),
  quiet: { unless: ['tightness', 'torqueNm'], property: 'tightness', say: 'tug it, if you may' },
  check(place, scene) {
    const held = place.terminal.conductors.map(({ id }) => id);
    const slack = slackAt(place.ref, held, scene);
    if (slack) return found('loose', { how: slack.how }, slack.facts);
    const firm = scene.site.reader.fact(place.ref, 'tightness');
    return firm ? clear('firm', firm) : notSeen(want(place.ref, 'tightness', 'tug it, if you may'));
  },
});

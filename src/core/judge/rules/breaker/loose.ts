import type { TerminalPlace } from '../../check/places';
import { slackAt } from '../../check/slack';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.14: loose conductor at a breaker. */
export const looseAtBreaker = defineRule<TerminalPlace>({
  id: 'breaker/loose',
  title: 'Loose conductor at a breaker',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'A conductor that moves at a touch at a breaker or fuse, or a torque under half the label. Whether it is firm is found by touching, by who may.',
  example: '`7 20 12cu`: the wire turns under its screw.',
  sources: [
    { code: '110.14(A)', says: 'a thoroughly good connection' },
    { code: '110.14(D)', says: 'torque as marked on the equipment' },
  ],

  remedies: ['re-made', 'screw-does-not-hold'],
  messages: {
    loose: {
      short: '{place}: conductor loose',
      seen: 'At {place} the conductor {how}.',
      why: 'A loose joint heats under load where nobody sees it, and the breaker does not notice.',
      ask: 'The joint re-made to its torque with the supply off.',
    },
  },
  asks: 'conductor',
  places: ({ places }) =>
    [...places.pullOutTerminals, ...places.terminals].filter(
      ({ terminal }) => terminal.conductors.length > 0,
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

import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.14(A): the lugs of a meter socket are the utility's to open. */
export const meterLug = defineRule({
  id: 'service/meter-lug',
  title: 'Lug of the meter socket cracked or loose',
  stage: 3,
  hazards: ['fire', 'outage'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'A lug of the meter socket that is cracked or loose. The socket is sealed: it is seen where the utility opens it, and never opened for an inspection.',
  example: 'A socket the utility opened, one jaw’s lug split along its side.',
  sources: [{ code: '110.14(A)', says: 'a good connection without damaging the conductor' }],
  who: 'the utility',
  remedies: ['meter-socket-mended'],
  messages: {
    unsound: {
      short: '{place}: lug {value}',
      seen: 'A lug in the socket of {place} is {value}.',
      why: 'All that the building draws goes through this joint, and no breaker ahead of it opens when it burns.',
      ask: 'The utility called to mend the socket; nobody else opens it.',
    },
  },
  asks: 'meter',
  places: ({ around }) => around.meters,
  check: readsChoice({
    property: 'meterLug',
    say: 'ask the utility, or look when it opens the socket',
    adverse: { cracked: 'unsound', loose: 'unsound' },
  }),
});

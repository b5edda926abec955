import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** A breaker that rocks on its stab. */
export const looseOnBus = defineRule({
  id: 'bus/loose-on-bus',
  title: 'Breaker loose on the bus',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: true,
  behindCover: true,
  finds: 'A breaker that rocks on the bus; one that falls out when touched is close to happening.',
  example: 'A breaker that clicks when its handle is moved sideways.',
  sources: [{ code: '110.3(B)', says: 'installed as listed' }],
  remedies: ['new-breaker', 'leave-position'],
  messages: {
    rocks: {
      short: '{place}: {value} on the bus',
      seen: '{place} is {value} on the bus.',
      why: 'A contact that moves arcs under load and burns its stab away.',
      ask: 'The breaker and its stab looked at with the supply off, and the breaker renewed.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.devices,
  check: readsChoice({
    property: 'tightness',
    say: 'see whether the breaker rocks',
    adverse: {
      loose: 'rocks',
      'falls-off': {
        message: 'rocks',
        base: { severity: 4, likelihood: 4, because: 'falls out when touched' },
      },
    },
  }),
});

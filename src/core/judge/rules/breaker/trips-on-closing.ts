import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** A breaker that trips again says where to look next. Never keep resetting it. */
export const tripsOnClosing = defineRule({
  id: 'breaker/trips-on-closing',
  title: 'Breaker trips again when closed',
  stage: 6,
  hazards: ['fire', 'outage'],
  base: { severity: 3, likelihood: 3 },
  finds:
    'A breaker that trips when it is closed: with the load off, at once with the load, or after minutes. Each points elsewhere; never keep resetting.',
  example: 'A breaker that trips at once with everything unplugged.',
  sources: [{ code: 'good practice', says: 'symptom, suspicion, next check' }],
  remedies: ['wiring-tested', 'appliance-looked-at', 'load-measured'],
  remediesInOrder: true,
  messages: {
    wiring: {
      short: '{place}: trips with the load off',
      seen: '{place} trips at once with its load off.',
      why: 'There is a short or a ground fault in the wiring, or the breaker itself has failed.',
      ask: 'Left off; the wiring tested by a licensed electrician. Nobody should keep resetting it.',
    },
    appliance: {
      short: '{place}: trips with the load',
      seen: '{place} holds alone and trips at once with its load.',
      why: 'The fault is in what is plugged or wired to it.',
      ask: 'Left off; the appliance and its joints looked at. Nobody should keep resetting it.',
    },
    slow: {
      short: '{place}: trips after minutes',
      seen: '{place} trips after minutes.',
      why: 'Either the circuit is overloaded, or a joint near the breaker is hot.',
      ask: 'The load measured and the joints looked at. Nobody should keep resetting it.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.allDevices,
  check: readsChoice({
    property: 'tripsOnClosing',
    say: 'if it was found tripped: closed once, by who may, load off first',
    adverse: { 'without-load': 'wiring', 'with-load': 'appliance', later: 'slow' },
  }),
});

import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** Ask why before switching on. */
export const offOrTripped = defineRule({
  id: 'breaker/off-or-tripped',
  title: 'Breaker found off or tripped',
  stage: 6,
  hazards: ['fire', 'shock'],
  base: { severity: 2, likelihood: 2 },
  finds: 'A breaker found off, tripped, or marked to leave off.',
  example: '`15 15 14cu !tripped stair`.',
  sources: [{ code: 'good practice', says: 'ask why before switching on' }],
  remedies: ['ask-why-off'],
  messages: {
    off: {
      short: '{place}: found {value}',
      seen: '{place} was found {value}.',
      why: 'Somebody switched it off for a reason, or it opened for one. Neither is known.',
      ask: 'The reason, before anybody switches it on.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.allDevices,
  check: readsChoice({
    property: 'handleState',
    say: 'record how the handle was found',
    adverse: { off: 'off', tripped: 'off', 'leave-off': 'off' },
  }),
});

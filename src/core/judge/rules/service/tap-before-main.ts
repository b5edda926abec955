import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 230.82: what may be connected on the supply side of the service disconnect. */
export const tapBeforeMain = defineRule({
  id: 'service/tap-before-main',
  title: 'Wire taken off ahead of the main',
  stage: 8,
  hazards: ['fire', 'arc flash'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'A wire to a circuit or panel, or one nobody followed, on a main lug or ahead of the main besides the supply. Meters, surge devices, fire pumps and the like may be there; a solar or battery supply has a rule of its own.',
  example: 'A cable to a workshop under the same lug as the service conductor.',
  sources: [
    { code: '230.82', says: 'what may be connected on the supply side of the disconnect' },
    { code: '705.11', says: 'sources on the supply side' },
  ],
  who: 'a licensed electrician with the utility',
  remedies: ['tap-to-breaker'],
  messages: {
    circuit: {
      short: '{place}: wires to a circuit or panel, ahead of the main',
      seen: 'At {place}, ahead of the main, wires to a circuit or panel start besides the supply.',
      why: 'No breaker here opens when they fail, and they stay live with the main off: whoever works on them may believe them dead.',
      ask: 'These wires moved to a breaker of their own, with the supply off.',
    },
    unknown: {
      short: '{place}: a wire nobody followed, ahead of the main',
      seen: 'At {place}, ahead of the main, a wire besides the supply starts; nobody followed it.',
      why: 'Whatever it feeds has no breaker here and stays live with the main off.',
      ask: 'That wire followed to its end, then moved to a breaker unless it is one of those that may be there.',
    },
  },
  places: ({ places }) => places.lugs,
  check: readsChoice({
    property: 'besideSupply',
    say: 'look what else starts at the lug or ahead of the main',
    adverse: { circuit: 'circuit', unknown: 'unknown' },
  }),
});

import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.3(B): a breaker forced to fit. */
export const altered = defineRule({
  id: 'breaker/altered',
  title: 'Breaker altered to fit',
  stage: 6,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: true,
  finds: 'A breaker or fuse filed, bent, wedged, or its clip spread.',
  example: 'A breaker whose foot was filed to go into another maker’s panel.',
  sources: [{ code: '110.3(B)', says: 'installed as listed' }],
  remedies: ['new-breaker', 'stab-looked-at'],
  remediesInOrder: true,
  messages: {
    forced: {
      short: '{place}: altered to fit',
      seen: '{place} was filed, bent, wedged or forced.',
      why: 'Its grip on the bus, and the way it trips, are no longer what was tested.',
      ask: 'A breaker the label lists, and its stab looked at.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.allDevices,
  check: readsChoice({
    property: 'altered',
    say: 'look whether it was filed, bent or wedged',
    adverse: { true: 'forced' },
  }),
});

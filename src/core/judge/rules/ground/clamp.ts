import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 250.70: clamps listed for what they hold and where. */
export const clamp = defineRule({
  id: 'ground/clamp',
  title: 'Ground clamp unsound',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  outsideListing: true,
  finds:
    'A clamp that is loose, corroded, buried without being listed for it, or holds several conductors.',
  example: 'A green crust where the clamp sits on the water pipe.',
  sources: [{ code: '250.70', says: 'connection of conductors to electrodes' }],
  remedies: ['listed-clamp'],
  messages: {
    unsound: {
      short: '{place}: clamp {value}',
      seen: 'The clamp at {place} is {value}.',
      why: 'Where this is the only clamp, the ground of the whole system hangs on it, and nobody notices when it lets go.',
      ask: 'A listed clamp on clean metal.',
    },
  },
  asks: 'electrode',
  places: ({ around }) => [...around.electrodes, ...around.pipes],
  check: readsChoice({
    property: 'clamp',
    say: 'look at the clamp',
    adverse: { loose: 'unsound', corroded: 'unsound', unlisted: 'unsound', several: 'unsound' },
  }),
});

import { lengthWords } from '../../../vocabulary/lengths';
import { meets } from '../../../codes/yardstick/length-limit';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 250.53(G), 250.52(A)(5): 8 ft of a rod in the earth. */
export const rodShort = defineRule({
  id: 'ground/rod-short',
  title: 'Rod short or cut',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  finds: 'A rod of less than 2.44 m (8 ft) in the earth, or one that was cut off.',
  example: 'A rod whose bright end shows where it was sawn.',
  sources: [{ code: '250.53(G)', says: '8 ft of the rod in contact with the soil' }],
  remedies: ['whole-rod-beside'],
  messages: {
    cut: {
      short: '{place}: cut off',
      seen: '{place} was cut off.',
      why: 'How much of it is in the earth nobody knows; little of it carries little.',
      ask: 'A whole rod driven beside it, and joined.',
    },
    short: {
      short: '{place}: {length} in the earth',
      seen: '{place} has {length} in the earth; 2.44 m (8 ft) is asked.',
      why: 'A short rod reaches only the dry earth near the surface, and carries next to nothing.',
      ask: 'A whole rod driven beside it, and joined.',
    },
  },
  asks: 'electrode',
  places: ({ around }) => around.electrodes,
  check(place, { site: { reader }, yardstick }) {
    const kind = reader.fact(place.ref, 'electrodeKind');
    if (kind && kind.value !== 'rod') return doesNotApply('not a rod');
    if (!kind) return notSeen(want(place.ref, 'electrodeKind', 'say what electrode it is'));
    const state = reader.fact(place.ref, 'rodState');
    const length = reader.fact(place.ref, 'rodLength');
    if (state?.value === 'cut') return found('cut', {}, [kind, state]);
    if (length && !meets(length.value, yardstick.rodLength))
      return found('short', { length: lengthWords(length.value) }, [kind, length]);
    if (!state) return notSeen(want(place.ref, 'rodState', 'see whether the rod is whole'));
    if (!length)
      return notSeen(want(place.ref, 'rodLength', 'ask or read how long the rod is driven'));
    return clear(`${lengthWords(length.value)}, whole`, kind, state, length);
  },
});

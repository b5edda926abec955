import { lengthWords } from '../../../vocabulary/lengths';
import { meets } from '../../../codes/yardstick/length-limit';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 250.53(A)(3): rods at least 6 ft apart; further is better. */
export const rodsTooClose = defineRule({
  id: 'ground/rods-too-close',
  title: 'Rods too close together',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 1, likelihood: 2 },
  finds:
    'Two rods less than 1.8 m (6 ft) apart. Further apart works better: twice the length of a rod is good advice.',
  example: 'Two rods a metre apart.',
  sources: [{ code: '250.53(A)(3)', says: 'spacing of rods' }],
  remedies: ['rod-further-away'],
  messages: {
    close: {
      short: '{place}: {distance} to the next rod',
      seen: '{place} stands {distance} from the next rod.',
      why: 'So close, two rods share the same earth and work like one.',
      ask: 'One of them driven at least 1.8 m away; twice a rod’s length is better.',
    },
  },
  asks: 'electrode',
  places: ({ around }) => around.electrodes,
  check(place, { site: { reader }, yardstick }) {
    const kind = reader.fact(place.ref, 'electrodeKind');
    if (kind && kind.value !== 'rod') return doesNotApply('not a rod');
    const distance = reader.fact(place.ref, 'nextRod');
    if (!distance)
      return notSeen(want(place.ref, 'nextRod', 'measure the distance to the next rod'));
    if (meets(distance.value, yardstick.rodSpacing))
      return clear(`${lengthWords(distance.value)} apart`, distance);
    return found('close', { distance: lengthWords(distance.value) }, [distance, kind]);
  },
});

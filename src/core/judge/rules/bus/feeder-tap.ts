import { ownMain } from '../../../installation/panel/overcurrent-above';
import { within } from '../../../codes/yardstick/length-limit';
import { ampacityOf } from '../../../codes/yardstick/conductor-limit';
import { lengthWords } from '../../../vocabulary/lengths';
import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** Insulation and terminals of feeders: 75 °C. */
const feederC = 75;

/** 240.21(B): conductors tapped from a feeder without a breaker of their own. */
export const feederTap = defineRule({
  id: 'bus/feeder-tap',
  title: 'Feeder tapped outside the tap rules',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  behindCover: true,
  finds:
    'A panel whose conductors are tapped from larger ones, and neither of the tap rules holds: to 7.5 m (25 ft) at least a third of the device ahead, ending in one main; to 3 m (10 ft) at least the main they end in, and a tenth of the device ahead.',
  example: 'A 6 copper tap of 9 m from a 200 A feeder to a panel of lugs alone.',
  sources: [{ code: '240.21(B)', says: 'feeder taps' }],
  remedies: ['breaker-at-the-tap'],
  messages: {
    'no-main': {
      short: 'Tapped, and ends in no main of its own',
      seen: 'The conductors of this panel are tapped from larger ones and end in no single main.',
      why: 'Nothing limits what these thinner wires carry but the large device far ahead of them.',
      ask: 'A breaker or fuses where the tap begins, or one main where it ends.',
    },
    long: {
      short: 'Tap of {length}; 7.5 m is the most',
      seen: 'The conductors of this panel are tapped from larger ones and {length} long; 7.5 m (25 ft) is the most.',
      why: 'A fault anywhere along this run burns on below what the large device ahead of it opens at.',
      ask: 'A breaker or fuses where the tap begins.',
    },
    thin: {
      short: 'Tap of {ampacityA} A from {aheadA} A',
      seen: 'The tapped conductors of this panel carry {ampacityA} A; the device ahead of the tap is {aheadA} A, the main they end in {mainA} A.',
      why: 'They are too thin for their length: a fault can burn them before the device ahead opens.',
      ask: 'A breaker or fuses where the tap begins, or larger conductors.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Supply conductors')],
  check({ ref }, { site: { reader }, panel, yardstick }) {
    const start = reader.fact(ref, 'feederStart');
    if (!start) return notSeen(want(ref, 'feederStart', 'find where its supply starts'));
    if (start.value === 'device') return doesNotApply('from a breaker or fuses of its own');
    const length = reader.fact(ref, 'supplyLength');
    if (length && !within(length.value, yardstick.longTap))
      return found('long', { length: lengthWords(length.value) }, [start, length]);
    const kind = reader.fact(ref, 'mainKind');
    if (kind && kind.value !== 'breaker' && kind.value !== 'pull-out')
      return found('no-main', {}, [start, kind, length]);
    const main = ownMain(panel);
    const size = reader.fact(ref, 'supplySize');
    const metal = reader.fact(ref, 'supplyMetal');
    const ahead = reader.fact(ref, 'tappedFromA');
    if (!length) return notSeen(want(ref, 'supplyLength', 'measure the tapped run'));
    if (!main) return notSeen(want(ref, 'mainKind', 'read the main the tap ends in'));
    if (!size || !metal)
      return notSeen(
        want(ref, size ? 'supplyMetal' : 'supplySize', 'read size and metal of the tap'),
      );
    if (!ahead) return notSeen(want(ref, 'tappedFromA', 'read the device ahead of the tap'));
    const sets = reader.fact(ref, 'parallelSets');
    const ampacityA =
      (sets?.value ?? 1) * (ampacityOf(yardstick, metal.value, size.value, feederC) ?? 0);
    const short = within(length.value, yardstick.shortTap);
    const enough =
      ampacityA >= ahead.value / 3 ||
      (short && ampacityA >= main.ratingA && ampacityA >= ahead.value / 10);
    const facts = [start, length, size, metal, sets, ahead, main.fact];
    if (!enough)
      return found('thin', { ampacityA, aheadA: ahead.value, mainA: main.ratingA }, facts);
    return clear(`${ampacityA} A over ${lengthWords(length.value)}`, ...facts);
  },
});

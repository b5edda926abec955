import { legReadings } from '../leg-readings';
import { panelPlace } from '../places';
import { clear, defineRule, doesNotApply, found } from '../rule';

/** Split-phase: the legs apart while the voltage across holds. */
export const lostNeutral = defineRule({
  id: 'reading/lost-neutral',
  title: 'Neutral lost or failing',
  stage: 10,
  hazards: ['damage', 'fire'],
  base: { severity: 4, likelihood: 5 },
  finds:
    'While the legs across hold 216 to 264 V: more than 10 V between A and B to neutral, or one leg above 132 V, is a lost neutral and Danger now; 5 to 10 V under load makes the neutral suspect. Figures that cannot be true together are to be read again.',
  example: '141 V on A, 99 V on B, 240 V across.',
  sources: [{ code: '250.24, readings', says: 'legs of a split-phase supply against each other' }],
  who: 'the utility and a licensed electrician',
  remedies: ['The neutral followed from the transformer inward, and re-made'],
  messages: {
    lost: {
      short: '{aV} V and {bV} V: the neutral is lost',
      seen: 'Leg A reads {aV} V to neutral and leg {second} {bV} V, {acrossV} V across.',
      why: 'The neutral no longer holds the middle: goods on one leg get up to {highV} V now, more as loads change.',
      ask: 'The main switched off and the utility called today.',
    },
    suspect: {
      short: '{aV} V and {bV} V: the neutral is suspect',
      seen: 'Leg A reads {aV} V to neutral and leg {second} {bV} V under load, {acrossV} V across.',
      why: 'A joint in the neutral is going; when it goes, goods get up to 240 V.',
      ask: 'The neutral followed joint by joint, by the utility on its side.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Neutral of the supply')],
  check(_, scene) {
    const { neutralSuspectV, neutralLostV, legHighV, acrossHoldsV } = scene.yardstick;
    const read = legReadings(scene);
    if ('outcome' in read) return read;
    const { a, b, across, second, together } = read;
    if (
      together === 'difference' ||
      across.value < acrossHoldsV[0] ||
      across.value > acrossHoldsV[1]
    )
      return doesNotApply('the legs across do not hold: read the supply first');
    const apart = Math.abs(a.value - b.value);
    const highV = Math.max(a.value, b.value);
    const data = { aV: a.value, bV: b.value, acrossV: across.value, second, highV };
    if (apart > neutralLostV || highV > legHighV)
      return found('lost', data, [a, b, across], { danger: 'the neutral of the supply is lost' });
    if (apart > neutralSuspectV)
      return found('suspect', data, [a, b, across], {
        base: { severity: 4, likelihood: 3, because: '5 to 10 V between the legs' },
      });
    return clear(`${apart} V between the legs`, a, b, across);
  },
});

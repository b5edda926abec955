import { legReadings } from '../../check/leg-readings';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** Split-phase: one leg of the supply is gone. */
export const deadLeg = defineRule({
  id: 'reading/dead-leg',
  title: 'One leg of the supply dead',
  stage: 10,
  hazards: ['outage', 'damage'],
  base: { severity: 2, likelihood: 5 },
  finds:
    'The voltage across below 216 V and within 2 % (or 3 V) of the difference of the legs: and the legs at least 15 V apart: one leg is dead, whatever it reads; 10 V or more there is back-fed through a 240 V load.',
  example: '120 V on A, 14 V on B, 106 V across.',
  sources: [{ code: 'readings', says: 'legs of a split-phase supply against each other' }],
  who: 'the utility; a licensed electrician inside',
  remedies: ['dead-leg-followed'],
  messages: {
    dead: {
      short: 'Leg {leg} dead: {weakV} V',
      seen: 'Leg {leg} reads {weakV} V to neutral, the other {strongV} V, {acrossV} V across.',
      why: 'Half of this building is without supply, and its 240 V appliances feed the dead half backwards.',
      ask: 'The 240 V appliances switched off; the utility called, then the main and lugs looked at.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Legs of the supply')],
  check(_, scene) {
    const read = legReadings(scene);
    if ('outcome' in read) return read;
    const { a, b, across, second, together } = read;
    const alike = Math.abs(a.value - b.value) < scene.yardstick.deadLegApartV;
    if (together === 'difference' && alike)
      return notSeen(
        want(
          scene.panel.id,
          'abV',
          'nothing across two legs that read alike: find whether one leg feeds both',
        ),
      );
    if (together === 'difference' && across.value < scene.yardstick.acrossHoldsV[0]) {
      const weak = a.value < b.value ? a : b;
      const strong = weak === a ? b : a;
      return found(
        'dead',
        {
          leg: weak === a ? 'A' : second,
          weakV: weak.value,
          strongV: strong.value,
          acrossV: across.value,
        },
        [a, b, across],
      );
    }
    return clear('both legs there', a, b, across);
  },
});

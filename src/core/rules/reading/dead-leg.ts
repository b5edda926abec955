import { legVoltages, readTogether } from '../../panel/leg-voltages';
import { panelPlace } from '../places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../rule';

/** Split-phase: one leg of the supply is gone. */
export const deadLeg = defineRule({
  id: 'reading/dead-leg',
  title: 'One leg of the supply dead',
  stage: 10,
  hazards: ['outage', 'damage'],
  base: { severity: 2, likelihood: 5 },
  finds:
    'The voltage across below 216 V and within 2 % (or 3 V) of the difference of the legs: one leg is dead, whatever it reads; 10 V or more there is back-fed through a 240 V load.',
  example: '120 V on A, 14 V on B, 106 V across.',
  sources: [{ code: 'readings', says: 'legs of a split-phase supply against each other' }],
  who: 'the utility; a licensed electrician inside',
  remedies: ['The dead leg followed: utility, meter, main, lug'],
  messages: {
    dead: {
      short: 'Leg {leg} dead: {weakV} V',
      seen: 'Leg {leg} reads {weakV} V to neutral, the other {strongV} V, {acrossV} V across.',
      why: 'Half of this building is without supply, and its 240 V appliances feed the dead half backwards.',
      ask: 'The 240 V appliances switched off; the utility called, then the main and lugs looked at.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Legs of the supply')],
  check(_, { site: { reader }, panel }) {
    if (panel.systemRead && panel.system !== 'split-phase' && panel.system !== 'high-leg-delta')
      return doesNotApply('not a split-phase supply');
    const read = legVoltages(reader, panel);
    if (!read) return notSeen(want(panel.id, 'anV', 'measure both legs to neutral and across'));
    if (!panel.systemRead)
      return notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
    const { a, b, across, second } = read;
    const together = readTogether(read);
    if (together === 'difference' && across.value < 216) {
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
    if (together === 'neither')
      return notSeen(want(panel.id, 'anV', 'read again: these figures cannot be true together'));
    return clear('both legs there', a, b, across);
  },
});

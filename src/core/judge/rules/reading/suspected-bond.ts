import type { Fact } from '../../../record/entries/inspection';
import { mmOf } from '../../../vocabulary/lengths';
import { panelPlace } from '../../check/places';
import { wantsPlace } from '../../check/supply-place';
import { conductorOhm } from '../../../codes/yardstick/conductor-ohm';
import {
  clear,
  defineRule,
  doesNotApply,
  found,
  likelyNotSeen,
  notSeen,
  want,
} from '../../check/rule';

/** 0.00 V neutral to ground downstream under load suggests a joint: look for it. */
export const suspectedBond = defineRule({
  id: 'reading/suspected-bond',
  title: 'Second joint of neutral and ground suspected',
  stage: 10,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'Neutral to ground below 0.01 V at a panel downstream under load, where the drop in the feeder neutral would be at least 0.05 V: inferred, not seen; look for the joint. With so little load or so short a feeder the reading says nothing.',
  example: '0.00 V at the boat shed with 18 A on 30 m of 6 copper.',
  sources: [{ code: '250.142(B), readings', says: 'neutral to ground downstream under load' }],
  remedies: ['look-for-the-joint'],
  messages: {
    suspected: {
      short: '{volts} V neutral to ground, {dropV} V expected',
      seen: 'Neutral to ground reads {volts} V under load; the drop in the feeder neutral should be about {dropV} V.',
      why: 'Something joins the two here, out of sight: part of the neutral current then returns over ground and pipes.',
      ask: 'The joint looked for by a licensed electrician. Nobody should just remove it.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Neutral to ground')],
  check(_, { site: { reader }, panel, yardstick }) {
    if (panel.supply.place === 'first-disconnect') return doesNotApply('joined here anyhow');
    const volts = reader.fact(panel.id, 'ngV');
    const amps = reader.fact(panel.id, 'neutralA');
    const size = reader.fact(panel.id, 'supplyNeutralSize');
    const metal = reader.fact(panel.id, 'supplyMetal');
    const length = reader.fact(panel.id, 'supplyLength');
    if (!volts) return notSeen(want(panel.id, 'ngV', 'measure neutral to ground under load'));
    if (volts.value > yardstick.neutralSuspectV)
      return likelyNotSeen(
        [volts],
        want(
          panel.id,
          'neutralA',
          'more than a feeder loses: measure its current, look at the neutral',
        ),
      );
    if (volts.value >= 0.01) return clear(`${volts.value} V`, volts);
    if (!amps || !size || !metal || !length)
      return notSeen(
        want(
          panel.id,
          amps
            ? size
              ? metal
                ? 'supplyLength'
                : 'supplyMetal'
              : 'supplyNeutralSize'
            : 'neutralA',
          'record the feeder neutral’s size and length, and its current at the same time',
        ),
      );
    const dropV = amps.value * conductorOhm(yardstick, size.value, metal.value, mmOf(length.value));
    const facts = [volts, amps, size, metal, length];
    if (dropV < yardstick.leastDropV)
      return doesNotApply('too little current for the reading to say anything');
    if (panel.supply.place === 'unknown') return notSeen(wantsPlace(panel));
    return found(
      'suspected',
      { volts: volts.value.toFixed(2), dropV: dropV.toFixed(2) },
      facts.map((fact) => fact && ({ ...fact, certainty: 'inferred' } as Fact)),
    );
  },
});

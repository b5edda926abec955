import { untrueTogether } from '../../../installation/panel/read-together';
import type { VoltageReading } from '../../../codes/yardstick/voltage-limits';
import {
  readingsOfSystem,
  voltageLimits,
  voltageReadings,
} from '../../../codes/yardstick/voltage-limits';
import type { Place } from '../../check/place';
import type { Outcome } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** The voltage standard: range A is for the utility to keep, range B tolerable. */
export const voltageRange = defineRule<Place & { reading: VoltageReading }>({
  id: 'reading/voltage-range',
  title: 'Voltage out of range',
  stage: 10,
  hazards: ['damage'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A leg to neutral, or two legs, outside range A; each is a place of its own, and figures that cannot be true together are asked for again. On 120 V, at the service 114 to 126 V, at a panel downstream 108 to 126 V; outside range B (110 to 127, 104 to 127) probable damage. Wye supplies and high legs have theirs. Where a lost neutral or a dead leg is found, that is the cause.',
  example: '129 V from A to neutral at the service, both legs alike.',
  sources: [{ code: 'voltage standard, ranges A and B', says: 'service and utilisation voltages' }],
  who: 'the utility',
  remedies: ['utility-sets', 'larger-feeder'],
  messages: {
    a: {
      short: '{leg}: {volts} V, outside range A',
      seen: '{leg} reads {volts} V; {low} to {high} V is range A.',
      why: 'Motors and electronics are made for the range; outside it they age faster.',
      ask: 'The utility asked to look at the voltage.',
    },
    b: {
      short: '{leg}: {volts} V, outside range B',
      seen: '{leg} reads {volts} V; {low} to {high} V is the most that is tolerable.',
      why: 'At {volts} V goods in this building are being damaged.',
      ask: 'The utility called now.',
    },
  },
  // Every leg and every pair of legs is a place of its own.
  places: ({ panel }) =>
    readingsOfSystem(panel.system).map((name, index) => ({
      ref: `${panel.id}/${voltageReadings[name].part}`,
      label: voltageReadings[name].words,
      related: [panel.id],
      order: 1 + index,
      formerly: [panel.id],
      reading: name,
    })),
  check({ reading, label }, { site: { reader }, panel, yardstick }): Outcome {
    const fact = reader.fact(panel.id, reading);
    if (!panel.systemRead)
      return notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
    if (!fact) return notSeen(want(panel.id, reading, `measure ${label}`));
    const untrue = untrueTogether(reader, panel, yardstick).get(reading);
    if (untrue)
      return {
        outcome: 'not-seen',
        wants: [want(panel.id, reading, 'read again: these figures cannot be true together')],
        facts: untrue,
      };
    const limits = voltageLimits(
      yardstick,
      panel.system,
      reading,
      panel.supply.place === 'downstream',
    );
    for (const message of ['b', 'a'] as const) {
      const [low, high] = limits[message];
      if (fact.value < low - slackV || fact.value > high + slackV)
        return found(
          message,
          {
            leg: label,
            volts: fact.value,
            low: Math.round(low),
            high: Math.round(high),
          },
          [fact],
          message === 'b'
            ? { base: { severity: 2, likelihood: 4, because: 'outside range B' } }
            : {},
        );
    }
    return clear('within range A', fact);
  },
});

/** Limits of other voltages are those of 120 V, scaled; the scale's own rounding is no fault. */
const slackV = 0.5;

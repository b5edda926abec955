import { systems } from '../../panel/system';
import { panelPlace } from '../places';
import { clear, defineRule, found, notSeen, want } from '../rule';

/** The voltage standard: range A is for the utility to keep, range B tolerable. */
export const voltageRange = defineRule({
  id: 'reading/voltage-range',
  title: 'Voltage out of range',
  stage: 10,
  hazards: ['damage'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A leg to neutral outside range A: at the service 114 to 126 V, at a panel downstream 108 to 126 V; outside range B (110 to 127, 104 to 127) probable damage. A high leg is judged by itself. Where a lost neutral or a dead leg is found, that is the cause.',
  example: '129 V from A to neutral at the service, both legs alike.',
  sources: [{ code: 'voltage standard, ranges A and B', says: 'service and utilisation voltages' }],
  who: 'the utility',
  remedies: ['The utility sets its transformer', 'A larger feeder, where only downstream is low'],
  messages: {
    a: {
      short: '{leg}: {volts} V, outside range A',
      seen: 'Leg {leg} to neutral reads {volts} V; {low} to {high} V is range A.',
      why: 'Motors and electronics are made for the range; outside it they age faster.',
      ask: 'The utility asked to look at the voltage.',
    },
    b: {
      short: '{leg}: {volts} V, outside range B',
      seen: 'Leg {leg} to neutral reads {volts} V; {low} to {high} V is the most that is tolerable.',
      why: 'At {volts} V goods in this building are being damaged.',
      ask: 'The utility called now.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Voltage')],
  check(_, { site: { reader }, panel, yardstick }) {
    const legs = systems[panel.system].legs.filter(
      (leg) => !(panel.system === 'high-leg-delta' && leg === 'B'),
    );
    const properties = { A: 'anV', B: 'bnV', C: 'cnV' } as const;
    const volts = legs.map((leg) => ({ leg, fact: reader.fact(panel.id, properties[leg]) }));
    const unread = volts.find(({ fact }) => !fact);
    const nominal = systems[panel.system].legToNeutralV.A;
    const share = nominal / 120;
    const range = yardstick.voltage[panel.supply.place === 'downstream' ? 'panel' : 'service'];
    const scaled = (limits: readonly [number, number]) => limits.map((one) => one * share);
    const outside = (value: number, [low, high]: number[]) => value < low! || value > high!;
    if (!panel.systemRead)
      return notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
    for (const [message, limits] of [
      ['b', scaled(range.b)],
      ['a', scaled(range.a)],
    ] as const)
      for (const { leg, fact } of volts)
        if (fact && outside(fact.value, limits))
          return found(
            message,
            { leg, volts: fact.value, low: limits[0]!, high: limits[1]! },
            [fact],
            message === 'b'
              ? { base: { severity: 2, likelihood: 4, because: 'outside range B' } }
              : {},
          );
    if (unread)
      return notSeen(want(panel.id, properties[unread.leg], 'measure each leg to neutral'));
    return clear('within range A', ...volts.map(({ fact }) => fact));
  },
});

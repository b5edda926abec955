import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 240.15(B), 210.4(C): a line-to-line load is opened on both legs. */
export const noCommonTrip = defineRule({
  id: 'breaker/no-common-trip',
  title: 'Line-to-line load without common trip',
  stage: 8,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'A load connected line to line on breakers that neither trip together nor have a listed tie. A two-pole breaker is clear.',
  example: 'A water heater on two single breakers at 1 and 3, handles free.',
  sources: [{ code: '240.15(B)', says: 'circuit breaker as overcurrent device of each leg' }],
  remedies: ['listed-tie', 'two-pole'],
  messages: {
    free: {
      short: '{place}: line to line, on breakers that do not open together',
      seen: '{place} is connected line to line on breakers that neither trip together nor are tied.',
      why: 'With one leg tripped the load is dead to look at and still live to touch.',
      ask: 'One two-pole breaker for this load.',
    },
  },
  asks: 'device',
  places: ({ places }) =>
    places.circuits.filter(({ terminals }) => new Set(terminals.map((one) => one.device)).size > 1),
  check({ circuit, terminals }, { site: { reader } }) {
    const devices = [...new Set(terminals.map((one) => one.device))];
    const ties = devices.map((device) => reader.fact(device.id, 'tie'));
    const trips = devices.map((device) => reader.fact(device.id, 'commonTrip'));
    const together = devices.every(
      (_, index) =>
        ties[index]?.value === 'listed' || ties[index]?.value === 'factory' || trips[index]?.value,
    );
    if (together) return clear('opened together', ...ties, ...trips);
    const load = circuit.loads[0];
    const poles = load && reader.fact(load.id, 'loadPoles');
    if (poles?.value === 'line-to-neutral') return clear('not line to line', poles);
    const free = devices.some(
      (_, index) =>
        (ties[index]?.value === 'none' || ties[index]?.value === 'improvised') &&
        !trips[index]?.value,
    );
    if (!free) return notSeen(want(devices[0]!.id, 'tie', 'look whether the handles are tied'));
    if (!poles)
      return notSeen(
        want(
          load?.id ?? circuit.id,
          load ? 'loadPoles' : 'places',
          'find how the load is connected',
        ),
      );
    return found('free', {}, [poles, ...ties, ...trips]);
  },
});

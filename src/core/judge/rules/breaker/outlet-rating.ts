import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 210.21(B)(1): a single receptacle on its own circuit is rated at least the circuit. */
export const outletRating = defineRule({
  id: 'breaker/outlet-rating',
  title: 'Single outlet smaller than its breaker',
  stage: 11,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A single receptacle on a circuit of its own rated below the breaker. A 50 A outlet on 40 A is fine; outlets of motors and welders are excepted; duplexes of 15 A on 20 A are right.',
  example: 'A 50 A range outlet on a 60 A breaker.',
  sources: [{ code: '210.21(B)(1)', says: 'single receptacle on an individual circuit' }],
  remedies: ['outlet-of-rating', 'smaller-breaker'],
  messages: {
    small: {
      short: '{outletA} A outlet on {deviceA} A',
      seen: 'The single outlet of {place} is made for {outletA} A; its breaker is {deviceA} A.',
      why: 'The outlet can be loaded past its {outletA} A and nothing opens.',
      ask: 'An outlet of {deviceA} A, or a breaker the outlet is made for.',
    },
  },
  asks: 'load',
  places: ({ places }) =>
    places.circuits.filter(({ circuit }) =>
      circuit.loads.some(({ kind }) =>
        ['range', 'dryer', 'charger', 'motor', 'other'].includes(kind?.value ?? ''),
      ),
    ),
  check({ circuit, terminals }, { site: { reader } }) {
    const load = circuit.loads[0]!;
    const deviceA = terminals[0]?.handleA;
    const rating = terminals[0]?.ratingA;
    if (load.kind?.value === 'motor') return doesNotApply('outlets of motors are excepted');
    const outlet = reader.fact(load.id, 'outletRatingA');
    if (!outlet)
      return notSeen(want(load.id, 'outletRatingA', 'read the outlet, if there is a single one'));
    if (deviceA === undefined)
      return notSeen(
        want(terminals[0]?.device.id ?? circuit.id, 'handleRatingsA', 'read the rating'),
      );
    if (outlet.value >= deviceA) return clear(`${outlet.value} A on ${deviceA} A`, outlet, rating);
    return found('small', { outletA: outlet.value, deviceA }, [outlet, rating]);
  },
});

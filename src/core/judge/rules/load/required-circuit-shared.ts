import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

const required = ['kitchen', 'bathroom', 'laundry'] as const;
/** May hang on the circuit of the counter: 210.52(B)(1). */
const withKitchen: readonly string[] = ['dining'];

/** 210.11(C), 210.23: circuits that feed nothing else. */
export const requiredCircuitShared = defineRule({
  id: 'load/required-circuit-shared',
  title: 'Kitchen, bathroom or laundry circuit shared',
  stage: 11,
  hazards: ['outage', 'fire'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A kitchen counter, bathroom, laundry or fixed-appliance circuit that feeds other places too, or is joined with another circuit. Dining room and pantry share lawfully with the counter. Kitchen counters since about 1959, laundry 1965, bathrooms 1996. Such circuits are never joined by a plan.',
  example: 'A kitchen counter circuit that also feeds two bedrooms.',
  sources: [
    { code: '210.11(C)', says: 'required circuits of a dwelling' },
    { code: '210.23', says: 'permissible loads' },
  ],
  remedies: ['places-to-own-circuit'],
  messages: {
    shared: {
      short: '{place} feeds {where}',
      seen: '{place} feeds {where} together.',
      why: 'Two kettles and a heater on one circuit trip it every day, or keep it warm at its limit.',
      ask: 'The required circuit left to its own place.',
    },
    joined: {
      short: '{place}: joined with another circuit',
      seen: '{place} is joined with another circuit, and one of the two is a required one.',
      why: 'What needs a circuit of its own shares one wire and one breaker.',
      ask: 'The two parted again.',
    },
  },
  asks: 'circuit',
  places: ({ places }) => places.circuits,
  quiet: {
    unless: ['places', 'joinedWith'],
    property: 'places',
    say: 'trace which rooms the circuit feeds',
  },
  check({ circuit }, { site: { reader }, yardstick: { ownCircuitSince } }) {
    const places = reader.fact(circuit.id, 'places');
    const joined = reader.fact(circuit.id, 'joinedWith');
    const needs = places?.value.some((one) => (required as readonly string[]).includes(one));
    if (joined?.value === 'required' || (needs && joined?.value === 'ordinary'))
      return found('joined', {}, [joined, needs ? places : undefined], {
        since: sinceOf(places?.value ?? [], ownCircuitSince),
      });
    if (!places) return notSeen(want(circuit.id, 'places', 'trace which rooms the circuit feeds'));
    if (!needs) return doesNotApply('not a required circuit');
    const others = places.value.includes('kitchen')
      ? places.value.filter((one) => !withKitchen.includes(one))
      : places.value;
    if (others.length > 1)
      return found(
        'shared',
        { where: listed(others.map((one) => properties.places.choices[one])) },
        [places],
        { since: sinceOf(places.value, ownCircuitSince) },
      );
    if (!joined)
      return notSeen(want(circuit.id, 'joinedWith', 'trace whether it is joined with another'));
    return clear('left to its own place', places, joined);
  },
});

/** Year from which the first of these places was to have a circuit of its own; null: not of these. */
function sinceOf(
  places: readonly string[],
  since: Readonly<Record<(typeof required)[number], number>>,
): number | null {
  const years = required.filter((one) => places.includes(one)).map((one) => since[one]);
  return years.length > 0 ? Math.min(...years) : null;
}

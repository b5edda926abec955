import { largestDeviceA } from '../../../codes/yardstick/conductor-limit';
import { circuitLoadA } from '../../../measure/load/circuit-load';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.14(B), 300.15, 240.4: cables joined outside the panel to one wire on a breaker. */
export const manyIntoOne = defineRule({
  id: 'conductor/many-into-one',
  title: 'Several cables joined to one breaker',
  stage: 11,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'Several cables joined outside the panel to one conductor on a breaker, where the joint is not listed or not accessible. Clear when it is, the breaker protects the smallest conductor and the load is within limits; untraced it is not seen. Inside the terminal it is another finding.',
  example: 'Three cables twisted into one pigtail above the panel.',
  sources: [
    { code: '110.14(B)', says: 'splices with listed devices' },
    { code: '300.15', says: 'boxes at splices' },
  ],
  remedies: ['listed-joint', 'breaker-each'],
  messages: {
    joint: {
      short: '{place}: {count} cables in a joint that is not listed or not accessible',
      seen: '{place}: {count} cables are joined to its one conductor, not by a listed joint in an accessible box.',
      why: 'All their load passes one joint that nobody sees.',
      ask: 'A listed joint in a box that can be reached, or a breaker for each.',
    },
    load: {
      short: '{place}: {count} cables joined, {loadA} A on {deviceA} A',
      seen: '{place}: {count} cables are joined to its one conductor; their load is {loadA} A on a {deviceA} A breaker.',
      why: 'Joined, they ask for more than the one conductor is made for.',
      ask: 'The circuits parted again.',
    },
  },
  asks: 'circuit',
  places: ({ places }) => places.circuits,
  quiet: {
    unless: ['joinedCables'],
    property: 'joinedCables',
    say: 'trace whether cables are joined outside',
  },
  check({ circuit, terminals }, { site, panel, yardstick }) {
    const { reader } = site;
    const joined = reader.fact(circuit.id, 'joinedCables');
    if (!joined)
      return notSeen(want(circuit.id, 'joinedCables', 'trace whether cables are joined outside'));
    if (joined.value <= 1) return clear('one cable', joined);
    const listedJoint = reader.fact(circuit.id, 'jointListed');
    const count = joined.value;
    if (listedJoint?.value === false) return found('joint', { count }, [joined, listedJoint]);
    const deviceA = terminals[0]?.handleA;
    const load = circuitLoadA(site, panel, circuit, yardstick);
    if (load && deviceA !== undefined && load.a > deviceA)
      return found('load', { count, loadA: Math.round(load.a), deviceA }, [joined, ...load.facts]);
    if (!listedJoint)
      return notSeen(want(circuit.id, 'jointListed', 'find the joint and look at it'));
    const conductors = terminals.flatMap((one) => one.conductors);
    const protects =
      deviceA !== undefined &&
      conductors.length > 0 &&
      conductors.every(
        ({ size, metal }) =>
          size &&
          metal &&
          deviceA <= (largestDeviceA(yardstick, metal.value, size.value, 60, false) ?? 0),
      );
    if (!protects || !load?.whole)
      return notSeen(
        want(
          protects ? (circuit.loads[0]?.id ?? circuit.id) : (conductors[0]?.id ?? circuit.id),
          protects ? (circuit.loads[0] ? 'listedW' : 'joinedWith') : 'size',
          'record the smallest conductor and the load of what is joined',
        ),
      );
    return clear('listed joint, protected, within limits', joined, listedJoint, ...load.facts);
  },
});

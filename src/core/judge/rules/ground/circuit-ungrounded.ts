import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 406.4(D): three-prong outlets need a ground, or ground-fault protection and a mark. */
export const circuitUngrounded = defineRule({
  id: 'ground/circuit-ungrounded',
  title: 'Three-prong outlets without a ground',
  stage: 11,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 2 },
  existingOnly: true,
  finds:
    'A two-wire circuit that feeds three-prong outlets. Ground-fault protected and marked "no ground" it is clear. Two-prong outlets on it are right.',
  example: 'Bedrooms of 1955 with new three-prong outlets on the old two wires.',
  sources: [{ code: '406.4(D)', says: 'replacement of receptacles' }],
  remedies: ['no-ground-marked', 'grounded-circuit'],
  messages: {
    pretends: {
      short: '{place}: three-prong outlets, no ground',
      seen: '{place} feeds three-prong outlets and has no ground.',
      why: 'The third hole promises a ground that is not there: the metal of a faulty appliance stays live.',
      ask: 'Ground-fault protection and a mark, or a grounded circuit.',
    },
  },
  asks: 'circuit',
  places: ({ places }) => places.circuits,
  quiet: {
    unless: ['groundRun', 'ungroundedMarked'],
    property: 'groundRun',
    say: 'see whether a ground runs with it',
  },
  check({ circuit }, { site: { reader } }) {
    const ground = reader.fact(circuit.id, 'groundRun');
    if (ground?.value) return clear('a ground runs with it', ground);
    const marked = reader.fact(circuit.id, 'ungroundedMarked');
    if (marked?.value) return clear('ground-fault protected and marked', marked, ground);
    if (!ground) return notSeen(want(circuit.id, 'groundRun', 'see whether a ground runs with it'));
    const prongs = reader.fact(circuit.id, 'threeProng');
    if (!prongs) return notSeen(want(circuit.id, 'threeProng', 'look at the outlets it feeds'));
    if (!prongs.value) return clear('two-prong outlets', ground, prongs);
    if (!marked)
      return notSeen(
        want(circuit.id, 'ungroundedMarked', 'look for ground-fault protection and a mark'),
      );
    return found('pretends', {}, [ground, prongs, marked]);
  },
});

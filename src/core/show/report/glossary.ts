interface Term {
  term: string;
  /** Where it stands in a text, any case. */
  met: RegExp;
  says: string;
}

/** Words of the trade that a client's report uses, each in one plain sentence. */
const terms: readonly Term[] = [
  {
    term: 'Amp (A)',
    met: /\d A\b|\bamps?\b/,
    says: 'How much current flows; 1,200 watts on 120 volts are 10 A.',
  },
  {
    term: 'Arc fault',
    met: /arc.fault/i,
    says: 'A spark in a damaged wire or a loose joint; a breaker of that kind notices it.',
  },
  {
    term: 'Blank',
    met: /\bblanks?\b|closure plate/i,
    says: 'A plate that closes an opening in the cover where no breaker sits.',
  },
  {
    term: 'Bond',
    met: /\bbond/i,
    says: 'A joint, made on purpose, between metal parts and the ground or the neutral, so that a fault switches off.',
  },
  {
    term: 'Breaker',
    met: /breaker/i,
    says: 'A switch that opens by itself when its wire carries too much.',
  },
  {
    term: 'Bus',
    met: /\bbus\b/i,
    says: 'The metal bar in the panel that the breakers are pushed onto.',
  },
  {
    term: 'Conductor',
    met: /conductor/i,
    says: 'A wire made to carry current.',
  },
  {
    term: 'Dead front',
    met: /dead front/i,
    says: 'The inner cover that keeps hands from live metal.',
  },
  {
    term: 'Downstream panel',
    met: /downstream/i,
    says: 'A panel that is fed from another panel, not straight from the meter.',
  },
  {
    term: 'Electrode, rod',
    met: /electrode|\brods?\b/i,
    says: 'Metal driven or laid in the earth to which the supply is tied.',
  },
  {
    term: 'Enclosure',
    met: /enclosure/i,
    says: 'The metal box of the panel.',
  },
  {
    term: 'Feeder',
    met: /feeder/i,
    says: 'The wires from one panel to the next.',
  },
  {
    term: 'Ground',
    met: /\bground(s|ed|ing)?\b/i,
    says: 'The wire that carries current only when something is wrong, so that the breaker switches off.',
  },
  {
    term: 'Ground fault',
    met: /ground.fault/i,
    says: 'Current that leaves its wires, perhaps through a person; a device of that kind switches off within a blink.',
  },
  {
    term: 'Hot',
    met: /\bhots?\b/i,
    says: 'A wire under voltage as soon as the supply is on.',
  },
  {
    term: 'Leg',
    met: /\blegs?\b|\bpoles?\b/i,
    says: 'One of the two or three live wires of the supply.',
  },
  {
    term: 'Label',
    met: /\blabel/i,
    says: 'What the maker printed in the panel: what it may hold.',
  },
  {
    term: 'Licensed',
    met: /licensed/i,
    says: 'Allowed by the authority to do this work, and answerable for it.',
  },
  {
    term: 'Lug',
    met: /\blugs?\b/i,
    says: 'The large clamp in which a supply wire ends.',
  },
  {
    term: 'Main',
    met: /\bmain\b/i,
    says: 'The switch that turns everything off. The wires that come to it stay live.',
  },
  {
    term: 'Neutral',
    met: /neutral/i,
    says: 'The wire by which current goes back to the supply.',
  },
  {
    term: 'Not seen',
    met: /not seen/i,
    says: 'Not looked at, or outside what was agreed. It may be sound or not.',
  },
  {
    term: 'Pigtail',
    met: /pigtail/i,
    says: 'A short wire that joins several others to one screw.',
  },
  {
    term: 'Tandem',
    met: /tandem|half-size/i,
    says: 'Two narrow breakers in the room of one; allowed only where the label says so.',
  },
  {
    term: 'Torque',
    met: /torque/i,
    says: 'How hard a screw is turned; the label gives the figure.',
  },
  {
    term: 'Yardstick',
    met: /yardstick/i,
    says: 'The edition of the rules that the panel was held against.',
  },
];

/** The terms that these texts use, in order of the alphabet. */
export function glossaryOf(texts: readonly string[]): { term: string; says: string }[] {
  const all = texts.join('\n');
  return terms
    .filter(({ met }) => met.test(all))
    .map(({ term, says }) => ({ term, says }))
    .sort((a, b) => (a.term < b.term ? -1 : 1));
}

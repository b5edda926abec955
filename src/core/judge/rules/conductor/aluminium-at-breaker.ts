import { isFuse } from '../../../vocabulary/device-forms';
import { isLead } from '../../../vocabulary/size';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

const small: readonly string[] = ['12', '10'];

/** 110.14: a terminal is marked for the metal it takes. */
export const aluminiumAtBreaker = defineRule({
  id: 'conductor/aluminium-at-breaker',
  title: 'Aluminium at a breaker not marked for it',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  behindCover: true,
  finds:
    'Aluminium of 8 and larger on a breaker that is not marked for aluminium, or without the compound its label asks for. Aluminium of 12 and 10 has a rule of its own; copper-clad is asked as copper.',
  example: 'A range cable of 6 aluminium on a breaker marked CU only.',
  sources: [{ code: '110.14', says: 'terminals identified for the conductor’s metal' }],
  remedies: ['breaker-for-aluminium', 'compound-by-label'],
  messages: {
    'not-marked': {
      short: '{place}: aluminium, marked for copper alone',
      seen: '{place} holds aluminium and is not marked for it.',
      why: 'Aluminium creeps and its skin insulates: under a screw made for copper the joint grows hot where nobody sees it.',
      ask: 'A breaker marked for aluminium, or a listed copper tail.',
    },
    'no-compound': {
      short: '{place}: no compound, the label asks for it',
      seen: '{place} holds aluminium without the compound the label asks for.',
      why: 'The bare metal at that joint skins over, and what skins over grows hot.',
      ask: 'The end cleaned, compound put on, and the screw set by the label.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.poles.filter(({ poles }) => !isFuse(poles[0]!.terminal.device)),
  quiet: {
    unless: ['metal'],
    property: 'metal',
    say: 'read the metal of the wires at the breaker',
  },
  check({ poles }, { site: { reader }, panel }) {
    const device = poles[0]!.terminal.device;
    const held = poles.flatMap(({ terminal }) => terminal.conductors);
    if (held.length === 0) return doesNotApply('no wire recorded on it');
    const unread = held.find(({ metal }) => !metal);
    const aluminium = held.filter(
      ({ metal, size }) =>
        metal?.value === 'al' && !(size && (small.includes(size.value) || isLead(size.value))),
    );
    if (aluminium.length === 0)
      return unread
        ? notSeen(want(unread.id, 'metal', 'read the metal of the wire'))
        : doesNotApply('no aluminium, or of the small sizes another rule asks');
    const facts = aluminium.flatMap(({ metal, size }) => [metal, size]);
    const marked = reader.fact(device.id, 'markedForAl');
    if (!marked)
      return notSeen(want(device.id, 'markedForAl', 'read whether it is marked for aluminium'));
    if (!marked.value) return found('not-marked', {}, [...facts, marked]);
    const asked = reader.fact(panel.id, 'labelInhibitor');
    if (asked?.value !== 'not-wanted') {
      const read = poles.map(({ ref }) => ({ ref, fact: reader.fact(ref, 'inhibitor') }));
      const absent = read.find(({ fact }) => fact?.value === 'absent');
      if (absent && asked) return found('no-compound', {}, [...facts, marked, asked, absent.fact]);
      if (absent)
        return notSeen(
          want(panel.id, 'labelInhibitor', 'read whether the label asks for compound'),
        );
      const open = read.find(({ fact }) => !fact);
      if (open) return notSeen(want(open.ref, 'inhibitor', 'look for compound on the aluminium'));
    }
    return clear('marked for aluminium', ...facts, marked, asked);
  },
});

import { readsChoice } from '../../check/reads-choice';
import type { TerminalPlace } from '../../check/places';
import { worstPole } from '../../check/poles';
import { defineRule } from '../../check/rule';

const base = { severity: 3, likelihood: 2 } as const;

const sits = readsChoice<TerminalPlace>({
  property: 'terminalFit',
  say: 'look how the conductor sits in the terminal',
  data: ({ label }) => ({ at: label }),
  adverse: {
    big: 'misfit',
    small: 'misfit',
    strands: 'misfit',
    bare: 'misfit',
    insulation: 'misfit',
  },
});

/** 110.14: a conductor that fits its terminal and is put in whole. */
export const terminalFit = defineRule({
  id: 'breaker/terminal-fit',
  title: 'Conductor does not fit its terminal',
  stage: 8,
  hazards: ['fire'],
  base,
  outsideListing: true,
  behindCover: true,
  finds:
    'A conductor too big or too small for its terminal, strands cut to fit, bare wire beyond the screw, or insulation clamped under it.',
  example: '6 copper with half its strands cut, in a 20 A breaker.',
  sources: [{ code: '110.14', says: 'connections to terminals' }],
  remedies: ['end-re-made', 'pigtail-of-right-size'],
  messages: {
    misfit: {
      short: '{place}: {value}',
      seen: 'At {at} the conductor: {value}.',
      why: 'Such a joint is held by less metal than it needs; it loosens and heats.',
      ask: 'The end re-made so that the terminal holds the whole wire, to its torque.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.poles,
  quiet: sits.quiet!,
  check: worstPole(sits, base),
});

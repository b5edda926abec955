import { conductorWords, circuitWords } from '../../../installation/panel/words';
import type { ConductorView, TerminalView } from '../../../installation/panel/views';
import { deviceWord } from '../../check/places';
import type { Place } from '../../check/rule';
import { clear, defineRule, notSeen, present, want } from '../../check/rule';

interface HotPlace extends Place {
  terminal: TerminalView;
  conductor: ConductorView;
}

/** 200.7: white or grey on a breaker is re-marked, and only in a cable may it be. */
export const whiteAsHot = defineRule<HotPlace>({
  id: 'conductor/white-as-hot',
  title: 'White or grey conductor used as hot and not re-marked',
  stage: 8,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: false,
  behindCover: true,
  finds:
    'In a raceway re-marking does not do, and it is found all the same. A colour nobody recorded is not seen.',
  example:
    '`21 30 10cu:w`: white on a breaker, not re-marked. `10cu:w*` is re-marked and clear in a cable.',
  sources: [{ code: '200.7', says: 'white or grey insulation' }],
  who: 'a licensed electrician',
  remedies: ['re-mark', 'another-colour'],
  messages: {
    unmarked: {
      short: '{colour} used as hot, not re-marked',
      seen: 'The {colour} {conductor} at {place}, {circuit}, is hot and not re-marked.',
      why: 'Whoever opens a box on {circuit} takes a {colour} wire for the neutral; this one is live.',
      ask: 'Re-mark the {colour} conductor of {circuit} as hot at both ends.',
    },
    raceway: {
      short: '{colour} used as hot in a raceway',
      seen: 'The {colour} {conductor} at {place}, {circuit}, is hot and runs in a raceway, where re-marking does not do.',
      why: 'Whoever opens a box on {circuit} takes a {colour} wire for the neutral; this one is live.',
      ask: 'A conductor of a hot colour in its place.',
    },
  },
  asks: 'conductor',
  places({ panel }) {
    const places = [];
    for (const device of panel.devices)
      for (const terminal of device.terminals)
        for (const conductor of terminal.conductors)
          places.push({
            ref: conductor.id,
            label: `${deviceWord(device)} ${terminal.label}`,
            related: [conductor.id],
            order: 100 + device.number * 4 + terminal.index,
            terminal,
            conductor,
          });
    return places;
  },
  check({ terminal, conductor }, { site }) {
    const { colour } = conductor;
    if (!colour) return notSeen(want(conductor.id, 'colour', 'record the colour of the conductor'));
    if (colour.value !== 'white' && colour.value !== 'grey')
      return clear(`${colour.value} used as hot`, colour);
    const data = {
      colour: colour.value,
      conductor: conductorWords(conductor),
      label: terminal.label,
      circuit: circuitWords(terminal.circuit),
    };
    const remarked = site.reader.fact(conductor.id, 'remarked');
    const method = conductor.cable?.kind;
    if (method && (method.value === 'tw' || method.value === 'thw'))
      return {
        outcome: 'found',
        message: 'raceway',
        data,
        facts: present(colour, conductor.landsOn, method),
      };
    if (!remarked)
      return notSeen(
        want(conductor.id, 'remarked', 'look whether the white conductor is re-marked'),
      );
    if (remarked.value && !method)
      return notSeen(
        want(
          conductor.cable?.id ?? conductor.id,
          conductor.cable ? 'cableKind' : 'remarked',
          'see whether it runs in a cable or a raceway',
        ),
      );
    if (remarked.value) return clear(`${colour.value}, re-marked as hot`, colour, remarked, method);
    return {
      outcome: 'found',
      message: 'unmarked',
      data,
      facts: present(colour, remarked, conductor.landsOn),
    };
  },
});
